export { type Bowl, centrifugeLitresPerHour, leftAfterPasses, sigmaM2 } from "./centrifuge";
export { clarityAt, frontOfJar, JAR_CLOUD, jarCloud, jarStepFor } from "./clarity";
export { convectingShare } from "./convecting";
export { type CoolingClear, coolingClear, hoursUntilStill } from "./coolingClear";
export { FallCourse, type HeaterRun, type TemperaturePoint } from "./course";
export {
  DIRT,
  type DirtClass,
  type DirtDensity,
  type DirtShare,
  dirtKgPerM3,
  FINES_KG_PER_M3,
  FINES_UM,
  type FinesUm,
  scaled,
  waitedFor,
} from "./dirt";
export {
  cutSizeUm,
  type FeedWarmth,
  feedWarmth,
  litresPerHourForCut,
  litresUntilFull,
  narrowestM2,
  sludgeRoomLitres,
  type Upflow,
} from "./displacement";
export { drainSeconds, type Outlet, outflowLitresPerMinute, outletReynolds } from "./drain";
export {
  type DrawEnd,
  type DrawPoint,
  type DrawSchedule,
  drawEnd,
  drawSchedule,
  type Hose,
  litresAfter,
  secondsFor,
} from "./drawing";
export { type DrawOff, drawOffLine } from "./drawOff";
export { fallRateMmPerHour } from "./fall";
export { type FatLine, frontsOfFatLines } from "./fatLine";
export { FINING_MOST_CELSIUS, type FiningRecipe, finingDoses, USUAL_FINING } from "./fining";
export {
  type ClassFront,
  forecastSettling,
  type GrainSize,
  hoursUntilClear,
  type SettlingForecast,
  type SettlingQuestion,
  SIZE_AS_TYPICAL,
} from "./forecast";
export { type DipLines, type Layer, type LayerKind, layersOf, muckTopMm, oilTopMm } from "./layers";
export { type Ahead, celsiusAt, coolingTo, withAhead, yearCelsius } from "./shedCourse";
export { type FrontPair, fitPairs, fitSizeMultiplier, pairOf, type SettlingReading, type SizeFit } from "./sizeFit";
export { stokesDiameterUm, stokesVelocityMPerS } from "./stokes";
export { type DayBatch, dayBatch, dropsPerSecond, litresPerHourOfDrops } from "./trickle";
