export { ContainerScreen } from "./ContainerScreen";
