export { CupScreen } from "./CupScreen";
