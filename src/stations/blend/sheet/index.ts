export { MixScreen } from "./MixScreen";
