import { requireRange } from "../numerics";
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
  return fromWalther(waltherAt(fluid, celsius)) * usedFactor;
}

/** Dynamic viscosity in Pa·s: μ = ν·ρ. */
export function dynamicViscosityPaS(fluid: Fluid, celsius: number, usedFactor: number): number {
  return kinematicViscosityMm2PerS(fluid, celsius, usedFactor) * densityKgPerL(fluid, celsius) * 1e-3;
}
