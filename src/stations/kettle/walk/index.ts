export { WalkScreen } from "./WalkScreen";
