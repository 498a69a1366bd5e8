export { bigYard } from "./bigYard";
