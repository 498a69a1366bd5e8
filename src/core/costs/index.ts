export { type BreakEven, breakEven, type LitreCost } from "./breakEven";
export { CO2_KG_PER_DIESEL_L, savedCo2Kg } from "./carbon";
export { type BurnedLitres, type Payback, payback } from "./payback";
export { type Way, type WayCost, wayCost } from "./wayCost";
