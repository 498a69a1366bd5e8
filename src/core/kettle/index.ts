export {
  ACID_STAGE_ABOVE_PCT,
  ACID_STAGE_DONE_PCT,
  type AcidStage,
  acidStage,
  LEAST_SULFURIC_PURITY,
} from "./acidStage";
export { type Batch, type BatchBalance, batchBalance } from "./batch";
export { BASE_DOSE_SCHOOLS, catalystGrams } from "./catalyst";
export { type Course, courseOf, esterifiedWith, react, vapourOf, washed } from "./course";
export { dryingKWh, weighTestPct } from "./drying";
export { convertedBySolubility, ENOUGH_BATCHES, type Learned, learnedFrom, type PastBatch } from "./learned";
export {
  type FuelKind,
  judgeMarks,
  MARKS,
  type Mark,
  type MarkName,
  type MarkVerdict,
  type Readings,
} from "./marks";
export { BASES, type Base } from "./masses";
export { METHANOL_SHARE_SCHOOLS, type MethanolDose, methanolDose, oilGPerMol } from "./methanol";
export {
  DEFAULT_PHASE_MARKS,
  fuelLitresIn,
  type Parted,
  PHASES,
  type Phase,
  type PhaseMarks,
  part,
  shareBelow,
  soapPpmIn,
} from "./phases";
export {
  both,
  type Change,
  changeBetween,
  elementsIn,
  type KgOf,
  kgIn,
  kgOfPot,
  litresOfPot,
  type Pot,
  potOf,
  potOfLitres,
} from "./pot";
export { type ReactionPoint, type Recipe, reactionCourse, type SecondStep } from "./reaction";
export { OF_BASE, SOAPS, splitSoap, withFreeAcid } from "./reactions";
export {
  type BatchRecipe,
  METHANOL_BOILS_CELSIUS,
  PACES,
  PATHS,
  type Pace,
  type Path,
  PRESETS,
  USUAL_CONVERSION,
  USUAL_SECOND_SHARE,
  WASH_WAYS,
  type WashPlan,
  type WashWay,
} from "./recipe";
export { type MethanolRecovery, methanolDensityAt20, methanolPct, recoverMethanol, recoveryKWh } from "./recovery";
export {
  type Fit,
  FOAM_ROOM_SHARE,
  fitsKettle,
  type KitRecipe,
  kitGuessMolPerL,
  kitTakesMolPerL,
  lyeBySchool,
} from "./schools";
export { soapPpm } from "./soap";
export { ELEMENTS, type Element, isGlyceride } from "./species";
export {
  dueAt,
  LEFT_ALONE,
  ranMinutes,
  STAGES,
  STIRRED,
  type Stage,
  type StageTimes,
  stageMinutes,
  stagesOf,
} from "./stages";
export {
  type BatchVerdict,
  DEFAULT_FUEL_TEST_MARKS,
  FUEL_TESTS,
  type FuelTest,
  type FuelTestMarks,
  isWithin,
  neededTests,
  type TestRead,
  verdictOf,
} from "./tests";
export { type FreeAcid, freeAcid, type Titration } from "./titration";
export { MOST_TRIES, readTries, shareThinnedTo, type TriedAcid, type Tries, triedAcid } from "./tries";
export { type Wash, wash } from "./wash";
export { fitPartition, type WashSeen } from "./washForecast";
export { type Dose, demandMolPerL, molPerLOfPct, oilKgPerL, pctOfMolPerL, type Weighing, weighingOf } from "./weighing";
