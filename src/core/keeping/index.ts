export { type KeptAt, usedLifeShare } from "./ageing";
export { dissolvedWaterPpm, type Solubility, USUAL_SOLUBILITY, type WaterInOil, waterInOil } from "./waterInOil";
