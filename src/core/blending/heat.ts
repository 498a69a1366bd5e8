import { bisect } from "../numerics";
import { type MixPart, mixViscosityMm2PerS } from "./mix";

const COLDEST = -40;
const HOTTEST = 150;

/** Temperature in °C at which a mix meets the limit, or null where that lies outside −40 to 150 °C. */
export function celsiusAtViscosity(parts: readonly MixPart[], limitMm2PerS: number): number | null {
  const excess = (celsius: number): number => mixViscosityMm2PerS(parts, celsius) - limitMm2PerS;
  if (excess(COLDEST) < 0 || excess(HOTTEST) > 0) return null;
  return bisect(excess, COLDEST, HOTTEST);
}
