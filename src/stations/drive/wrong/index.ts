export { RescueScreen } from "./RescueScreen";
export { WrongScreen } from "./WrongScreen";
