export { FilterScreen } from "./FilterScreen";
