export { BlendScreen } from "./BlendScreen";
