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
export type { Progress, RoundLimits, RoundPlan, RoundQuestion, RoundStop, Stop } from "./round";
