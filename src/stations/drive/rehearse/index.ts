export { RehearseScreen } from "./RehearseScreen";
