export { KettleScreen } from "./KettleScreen";
