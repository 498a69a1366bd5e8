export { BatchesScreen } from "./BatchesScreen";
