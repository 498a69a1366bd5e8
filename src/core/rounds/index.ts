export {
  type Acceptance,
  judgeLot,
  muckOf,
  muckPast,
  type Verdict,
  type VerdictReason,
} from "./acceptance";
export { MOST_EXACT_STOPS } from "./exact";
export {
  type Band,
  type DaysBand,
  daysToFull,
  type FillingRate,
  type FillingReading,
  litresPerDay,
  priorRate,
  updateRate,
  waitingLitres,
} from "./filling";
export { goodRound } from "./heuristic";
export { planRound } from "./plan";
export {
  distancesKm,
  driveRound,
  type Opening,
  type Progress,
  type RoundFault,
  type RoundLimits,
  type RoundPlan,
  type RoundQuestion,
  type RoundStop,
  type Spot,
  type Stop,
} from "./round";
export { type OnEarth, onEarth, spotOf } from "./where";
