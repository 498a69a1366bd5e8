export { UpkeepScreen } from "./UpkeepScreen";
