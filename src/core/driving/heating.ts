import { OIL_J_PER_KG_K } from "../fluids";
import { Refused } from "../numerics";

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

/** What an exchanger must be to warm a flow so far. */
export interface ExchangerSize {
  readonly uaWPerK: number;
  /** Of the way from the fuel's temperature to the coolant's, 0 to 1. */
  readonly effectiveness: number;
}

/** UA = −ṁ·cp·ln(1 − ε), ε = (out − in)/(coolant − in): the exchanger's own equation the other way round; ε in 0…1. */
export function exchangerSize(
  inCelsius: number,
  outCelsius: number,
  coolantCelsius: number,
  litresPerHour: number,
  rho15KgPerL: number,
): ExchangerSize {
  const effectiveness = (outCelsius - inCelsius) / (coolantCelsius - inCelsius);
  if (!(effectiveness >= 0 && effectiveness < 1))
    throw new Refused("outCelsius", "must lie between the fuel's temperature and the coolant's, and never reaches it");
  return { uaWPerK: -flowWPerK(litresPerHour, rho15KgPerL) * Math.log1p(-effectiveness), effectiveness };
}

/** K that an electric heater adds: P/(ṁ·cp). At a trickle that is a boil: the caller warns. */
export const heaterRiseK = (watts: number, litresPerHour: number, rho15KgPerL: number): number =>
  watts / flowWPerK(litresPerHour, rho15KgPerL);
