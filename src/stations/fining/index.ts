export { FiningScreen } from "./FiningScreen";
