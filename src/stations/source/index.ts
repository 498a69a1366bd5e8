export { SourceScreen } from "./SourceScreen";
