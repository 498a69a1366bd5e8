export { StockScreen } from "./StockScreen";
