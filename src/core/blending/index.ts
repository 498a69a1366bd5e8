export { type BlendCaution, blendCautions, LEAST_CETANE } from "./cautions";
export { COLD_FAILURES, type ColdFailure, type ColdMargin, coldMargin, passesCold } from "./coldMargin";
export { type ColdStop, type ColdVerdict, coldStop } from "./coldStop";
export { type FatCrystals, fatCrystals, HARD_MOLE_SHARE } from "./fatCrystals";
export { fatLetThroughShare } from "./fatLetThrough";
export { fitGums, type GumDrain, type GumDrop, gumDrop } from "./gums";
export { celsiusAtViscosity } from "./heat";
export { liquidOf } from "./liquid";
export {
  factorOfViscosity,
  type MixPart,
  mergedMix,
  mixLitres,
  mixViscosityMm2PerS,
  scaledMix,
  withUsedFactor,
} from "./mix";
export { lowOnDay, type MonthLows, type SafeUntil, safeUntil } from "./nights";
export {
  cloudPointCelsius,
  mixCetane,
  mixLhvMJPerL,
  mixRho15KgPerL,
  pourPointCelsius,
} from "./properties";
export { type PurgeMark, purgeMark } from "./purgeMark";
export { planSeasons, type SeasonPlan } from "./seasons";
export {
  type NoStockPlan,
  PLAN_GOALS,
  type PlanGoal,
  planStocks,
  type Stock,
  type StockPlan,
  type StockTask,
} from "./stockPlan";
export { type Ingredient, leastThinnerShare } from "./thinner";
export { type NoTopUp, type TopUp, topUp } from "./topUp";
export { type UnmixedLayer, unmixedLayers } from "./unmixed";
