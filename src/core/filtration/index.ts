export { litresLeft } from "./bagLife";
export { type Filter, filterLitres, filterSeconds, flowLitresPerHour } from "./cake";
export {
  type Cascade,
  type CascadeBag,
  type CascadeQuestion,
  type CascadeStage,
  caughtShare,
  type DirtLoad,
  runCascade,
} from "./cascade";
export { CLOG_CAUSES, type ClogCause, type ClogEvidence, type Diagnosis, diagnose, type ToldRun } from "./diagnosis";
export { type FilterFit, type FilterPoint, fitFilter } from "./fit";
export { type GravityFilter, gravitySeconds } from "./gravity";
export { type Drive, forecastLine, type LineForecast, type LineQuestion, type LineStage, lineMinutes } from "./line";
export { logNormalLoads } from "./logNormal";
export { type BagResistances, TYPICAL_CAKE_M_PER_KG, typicalBag } from "./media";
export { fitRuns, type TimedRun } from "./runFit";
export { type LitresLeft, litresUntilSlow, METRE_OF_OIL_PA, minutesThrough, type RunFit } from "./runPace";
export { type DirtVolume, loadsOfClasses } from "./settledLoads";
export { INSECT_SCREEN_UM, meshThatHolds, US_SIEVES, umOfMesh } from "./sieve";
export { type BagRun, type BagTrend, bagTrend, TREND_ALARM, type TrendCause, type Upstream } from "./trend";
export { typicalRunFit } from "./typicalFit";
