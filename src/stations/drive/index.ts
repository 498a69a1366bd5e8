export { DriveScreen } from "./DriveScreen";
