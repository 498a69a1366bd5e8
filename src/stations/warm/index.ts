export { WarmScreen } from "./WarmScreen";
