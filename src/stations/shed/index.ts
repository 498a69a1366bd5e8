export { ShedScreen } from "./ShedScreen";
