export { CalculationsScreen } from "./CalculationsScreen";
