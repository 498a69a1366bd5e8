export type { Advice } from "./advice";
export { advise } from "./advise";
