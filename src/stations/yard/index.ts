export { YardScreen } from "./YardScreen";
