export { TitrateScreen } from "./TitrateScreen";
