export { bigYard } from "./bigYard";
export { DEMO_SEED, demoYard } from "./demoYard";
