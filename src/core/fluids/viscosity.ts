import { requireRange } from "../numerics";
import { kelvin } from "../units";
import { densityKgPerL } from "./density";
import { FLUID_IDS, FLUIDS, type FluidId } from "./table";

/** W = log10 log10 Z of a kinematic viscosity in mm²/s (ASTM D341 with the low-viscosity terms). */
export function walther(nuMm2PerS: number): number {
  const z = nuMm2PerS + 0.7 + Math.exp(-1.47 - 1.84 * nuMm2PerS - 0.51 * nuMm2PerS ** 2);
  return Math.log10(Math.log10(z));
}

/** Kinematic viscosity in mm²/s of a W: the standard's explicit inverse, good to its stated 0.2 to 2e7 mm²/s. */
export function fromWalther(w: number): number {
  const z = 10 ** (10 ** w) - 0.7;
  return z - Math.exp(-0.7487 - 3.295 * z + 0.6119 * z ** 2 - 0.3193 * z ** 3);
}

interface Line {
  readonly a: number;
  readonly b: number;
}

const T40 = Math.log10(kelvin(40));
const T100 = Math.log10(kelvin(100));

/** W = A − B·log10 T through a fluid's two table viscosities, worked out once a fluid. */
const LINES = Object.fromEntries(
  FLUID_IDS.map((id) => {
    const w40 = walther(FLUIDS[id].nu40Mm2PerS);
    const b = (w40 - walther(FLUIDS[id].nu100Mm2PerS)) / (T100 - T40);
    return [id, { a: w40 + b * T40, b }];
  }),
) as Record<FluidId, Line>;

/** W of a fresh fluid at a temperature. Range −40 to 150 °C. */
export function waltherAt(fluid: FluidId, celsius: number): number {
  requireRange("celsius", celsius, -40, 150);
  const { a, b } = LINES[fluid];
  return a - b * Math.log10(kelvin(celsius));
}

/**
 * Kinematic viscosity in mm²/s, ASTM D341, −40 to 150 °C. `usedFactor` multiplies it for fried oil, which is thicker
 * than the table's fresh oil (1 = fresh, about 1.15 for waste oil).
 */
export function kinematicViscosityMm2PerS(fluid: FluidId, celsius: number, usedFactor: number): number {
  return fromWalther(waltherAt(fluid, celsius)) * usedFactor;
}

/** Dynamic viscosity in Pa·s: μ = ν·ρ. */
export function dynamicViscosityPaS(fluid: FluidId, celsius: number, usedFactor: number): number {
  return kinematicViscosityMm2PerS(fluid, celsius, usedFactor) * densityKgPerL(fluid, celsius) * 1e-3;
}
