export { SettleScreen } from "./SettleScreen";
