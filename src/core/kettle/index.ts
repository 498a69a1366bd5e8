export {
  ACID_STAGE_ABOVE_PCT,
  ACID_STAGE_DONE_PCT,
  type AcidStage,
  acidStage,
  LEAST_SULFURIC_PURITY,
} from "./acidStage";
export { type Batch, type BatchBalance, batchBalance } from "./batch";
export { BASE_DOSE_SCHOOLS, catalystGrams } from "./catalyst";
export { dryingKWh, weighTestPct } from "./drying";
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
export { type ReactionPoint, type Recipe, reactionCourse, type SecondStep } from "./reaction";
export { type MethanolRecovery, methanolPct, recoverMethanol } from "./recovery";
export { soapPpm } from "./soap";
export { type FreeAcid, freeAcid, type Titration } from "./titration";
export { type Wash, wash } from "./wash";
