export { type BreakEven, breakEven, type LitreCost } from "./breakEven";
export { CO2_KG_PER_DIESEL_L, savedCo2Kg } from "./carbon";
export { type BurnedLitres, type Payback, payback } from "./payback";
export { ASSUMPTIONS, type Assumption, type Swing, type Tornado, tornado } from "./tornado";
export { type Way, type WayCost, wayCost } from "./wayCost";
export {
  compareWays,
  DEFAULT_WAY_MARKS,
  isWay,
  KIT,
  type Kit,
  type NoWay,
  WAY_IDS,
  type WayAnswer,
  type WayFigures,
  type WayId,
  type WayLines,
  type WayMarks,
  type WayPrices,
  type WaysTask,
} from "./ways";
