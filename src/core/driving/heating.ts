import { OIL_J_PER_KG_K } from "../fluids";

/** W per kelvin that a flow carries: ṁ·cp, mass from the density at 15 °C. */
const flowWPerK = (litresPerHour: number, rho15KgPerL: number): number =>
  ((litresPerHour * rho15KgPerL) / 3600) * OIL_J_PER_KG_K;

/** °C out of a plate exchanger: t_in + (1 − e^(−UA/(ṁ·cp)))·(coolant − t_in), coolant in plenty. */
export const exchangerOutCelsius = (
  inCelsius: number,
  coolantCelsius: number,
  uaWPerK: number,
  litresPerHour: number,
  rho15KgPerL: number,
): number =>
  inCelsius + (1 - Math.exp(-uaWPerK / flowWPerK(litresPerHour, rho15KgPerL))) * (coolantCelsius - inCelsius);

/** K that an electric heater adds: P/(ṁ·cp). At a trickle that is a boil: the caller warns. */
export const heaterRiseK = (watts: number, litresPerHour: number, rho15KgPerL: number): number =>
  watts / flowWPerK(litresPerHour, rho15KgPerL);
