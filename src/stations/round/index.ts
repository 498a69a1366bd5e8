export { RoundScreen } from "./RoundScreen";
