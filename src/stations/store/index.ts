export { StoreScreen } from "./StoreScreen";
