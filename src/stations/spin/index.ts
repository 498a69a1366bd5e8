export { SpinScreen } from "./SpinScreen";
