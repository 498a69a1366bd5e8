import {
  FLUIDS,
  type Fluid,
  type FluidLitres,
  type FluidPart,
  fromWalther,
  kinematicViscosityMm2PerS,
  requireCovered,
  walther,
} from "../fluids";

/** So much of a fluid, with the factor its viscosity carries (1 fresh, about 1.15 fried). */
export interface MixPart extends FluidLitres {
  readonly usedFactor: number;
}

/** Every waste oil of a mix carries the same used factor; bought petroleum and ester carry none. */
export const withUsedFactor = (parts: readonly FluidPart[], usedFactor: number): MixPart[] =>
  parts.map((p) => {
    const fluid = FLUIDS[p.fluid];
    const fried = fluid.family === "vegetable" || fluid.family === "fat";
    return { fluid, litres: p.litres, usedFactor: fried ? usedFactor : 1 };
  });

export function mixLitres(parts: readonly { readonly litres: number }[]): number {
  let sum = 0;
  for (const p of parts) sum += p.litres;
  return sum;
}

/** Volume-weighted mean of a property; NaN for an empty mix, which callers rule out first. */
export function volumeMean(parts: readonly FluidLitres[], of: (fluid: Fluid) => number): number {
  let sum = 0;
  for (const p of parts) sum += p.litres * of(p.fluid);
  return sum / mixLitres(parts);
}

/** Kinematic viscosity in mm²/s of a mix at a temperature: ASTM D7152, volume fractions on W. Range −40 to 150 °C. */
export function mixViscosityMm2PerS(parts: readonly MixPart[], celsius: number): number {
  let sum = 0;
  let litres = 0;
  for (const p of parts) {
    // Back through ν even for fresh fluids: the standard's inverse is explicit, so W of its ν is not quite the line's W.
    sum += p.litres * walther(kinematicViscosityMm2PerS(p.fluid, celsius, p.usedFactor));
    litres += p.litres;
  }
  return requireCovered(fromWalther(sum / litres));
}
