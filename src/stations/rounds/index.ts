export { RoundsScreen } from "./RoundsScreen";
