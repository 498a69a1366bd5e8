import { requireRange } from "../numerics";
import type { Fluid } from "./table";

/** kg/L of a fluid: ρ15·(1 − α·(t − 15)). Range −40 to 150 °C. */
export function densityKgPerL(fluid: Fluid, celsius: number): number {
  requireRange("celsius", celsius, -40, 150);
  return fluid.rho15KgPerL * (1 - fluid.alphaPerK * (celsius - 15));
}

/** kg/m³ of liquid water, polynomial of physics §1, for 0 to 100 °C; beyond it the same curve is held to −5 °C. */
export function waterDensityKgPerM3(celsius: number): number {
  const t = requireRange("celsius", celsius, -5, 100);
  return 999.85 + 0.0526 * t - 0.0075 * t ** 2 + 3.4e-5 * t ** 3;
}

/** A hydrometer reading brought to 15 °C: ρ15 = ρ/(1 − α(t − 15)). Range −40 to 150 °C. */
export function hydrometerRho15KgPerL(readingKgPerL: number, celsius: number, fluid: Fluid): number {
  requireRange("celsius", celsius, -40, 150);
  return readingKgPerL / (1 - fluid.alphaPerK * (celsius - 15));
}
