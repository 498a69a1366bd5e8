export { RigScreen } from "./RigScreen";
