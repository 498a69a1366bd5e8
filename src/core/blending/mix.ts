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

/** The same mix in another amount. */
export function scaledMix(parts: readonly MixPart[], litres: number): MixPart[] {
  const times = litres / mixLitres(parts);
  return parts.map((p) => ({ fluid: p.fluid, usedFactor: p.usedFactor, litres: p.litres * times }));
}

/** Like parts put together; what amounts to nothing is left out. */
export function mergedMix(parts: readonly MixPart[]): MixPart[] {
  const sums = new Map<string, MixPart>();
  for (const p of parts) {
    if (p.litres <= 0) continue;
    const key = `${p.fluid.id} ${p.usedFactor}`;
    sums.set(key, { ...p, litres: p.litres + (sums.get(key)?.litres ?? 0) });
  }
  return [...sums.values()];
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
