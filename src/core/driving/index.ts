export { type ExchangerSize, exchangerOutCelsius, exchangerSize, heaterRiseK } from "./heating";
export { ARRANGEMENT_IDS, type ArrangementId, arrangementOf } from "./plumbing";
export type { Arrangement } from "./plumbing/arrangement";
export { lineVolumesToResidual, minutesToResidual, type PurgeLine, purgeResidual, residualShare } from "./purge";
export { fitTanks, HEARD_SHARE, type PurgeReading } from "./purgeFit";
export { type ReturnSwitch, returnedLitres } from "./returned";
export { type SwitchVerdict, switchVerdict } from "./switchOver";
export { type FuelLoop, purgeLineOf, type TripLitres, type TripMinutes, tripLitres } from "./trip";
export {
  coolantCelsius,
  fitTau,
  minutesToCoolant,
  TYPICAL_RISE_K,
  TYPICAL_TAU_MINUTES,
  type WarmUp,
  type WarmUpReading,
} from "./warmUp";
