export type { Listed, StoreError } from "./session";
export { useYard, YardProvider } from "./YardProvider";
