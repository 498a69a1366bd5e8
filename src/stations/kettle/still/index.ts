export { StillScreen } from "./StillScreen";
