export { minutesToResidual, type PurgeLine, purgeResidual, residualShare } from "./purge";
export { type FuelLoop, purgeLineOf, type TripLitres, type TripMinutes, tripLitres } from "./trip";
