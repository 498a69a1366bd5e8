export { type Coached, type Move, nextMove, purgeMinutesOf } from "./coach";
export { coolantAlong } from "./coolant";
export { type ExchangerSize, exchangerOutCelsius, exchangerSize, heaterRiseK } from "./heating";
export { type OneChange, oneChange } from "./oneChange";
export { lineVolumesToResidual, minutesToResidual, type PurgeLine, purgeResidual, residualShare } from "./purge";
export { fitTanks, HEARD_SHARE, type PurgeReading } from "./purgeFit";
export { type ReturnSwitch, returnedLitres } from "./returned";
export { type SwitchVerdict, switchVerdict } from "./switchOver";
export {
  CAUSES,
  type Cause,
  CHECKS,
  type Check,
  checksFor,
  type Evidence,
  type Suspect,
  SYMPTOMS,
  type Symptom,
  suspects,
} from "./symptoms";
export {
  EARLY_FILTERS,
  FILTER_DROP_KPA,
  type Interval,
  intervalOf,
  SERVICES,
  type Service,
  type Since,
  USUAL_INTERVALS,
  usedUp,
} from "./upkeep";
export { TYPICAL_RISE_K, TYPICAL_TAU_MINUTES } from "./usual";
export {
  coolantCelsius,
  fitTau,
  minutesToCoolant,
  type WarmUp,
  type WarmUpReading,
} from "./warmUp";
