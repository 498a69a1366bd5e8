export { SeasonScreen } from "./SeasonScreen";
