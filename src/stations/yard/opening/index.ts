export { OpeningScreen } from "./OpeningScreen";
