import { Refused, requireRange } from "../numerics";
import { kelvin } from "../units";
import { densityKgPerL } from "./density";
import type { Fluid } from "./table";
import { fromWalther } from "./walther";

/** W of a fresh fluid at a temperature. Range −40 to 150 °C. */
export function waltherAt(fluid: Fluid, celsius: number): number {
  requireRange("celsius", celsius, -40, 150);
  return fluid.line.a - fluid.line.b * Math.log10(kelvin(celsius));
}

/**
 * Kinematic viscosity in mm²/s, ASTM D341, −40 to 150 °C. `usedFactor` multiplies it for fried oil, which is thicker
 * than the table's fresh oil (1 = fresh, about 1.15 for waste oil).
 */
export function kinematicViscosityMm2PerS(fluid: Fluid, celsius: number, usedFactor: number): number {
  return requireCovered(fromWalther(waltherAt(fluid, celsius)) * usedFactor);
}

/** Passes a viscosity that the standard covers: 0.2 to 2e7 mm²/s. A fluid of one's own may leave that, warm or cold. */
export function requireCovered(nuMm2PerS: number): number {
  if (nuMm2PerS >= 0.2 && nuMm2PerS <= 2e7) return nuMm2PerS;
  throw new Refused(
    "celsius",
    "so warm or cold that the viscosity leaves what ASTM D341 covers, 0.2 to 20,000,000 mm²/s",
  );
}

/** Dynamic viscosity in Pa·s: μ = ν·ρ. */
export function dynamicViscosityPaS(fluid: Fluid, celsius: number, usedFactor: number): number {
  return kinematicViscosityMm2PerS(fluid, celsius, usedFactor) * densityKgPerL(fluid, celsius) * 1e-3;
}
