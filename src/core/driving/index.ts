export { type Coached, type Move, nextMove, purgeMinutesOf } from "./coach";
export { coolantAlong } from "./coolant";
export { type ExchangerSize, exchangerOutCelsius, exchangerSize, heaterRiseK } from "./heating";
export { lineVolumesToResidual, minutesToResidual, type PurgeLine, purgeResidual, residualShare } from "./purge";
export { fitTanks, HEARD_SHARE, type PurgeReading } from "./purgeFit";
export { type ReturnSwitch, returnedLitres } from "./returned";
export { type SwitchVerdict, switchVerdict } from "./switchOver";
export {
  coolantCelsius,
  fitTau,
  minutesToCoolant,
  TYPICAL_RISE_K,
  TYPICAL_TAU_MINUTES,
  type WarmUp,
  type WarmUpReading,
} from "./warmUp";
