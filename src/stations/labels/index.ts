export { LabelsScreen } from "./LabelsScreen";
