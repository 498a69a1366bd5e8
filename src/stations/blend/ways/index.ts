export { WaysScreen } from "./WaysScreen";
