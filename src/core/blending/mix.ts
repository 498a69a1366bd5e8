import {
  type Fluid,
  type FluidLitres,
  type FluidPart,
  type FluidTable,
  fluidIn,
  fromWalther,
  kinematicViscosityMm2PerS,
  requireCovered,
  walther,
} from "../fluids";
import { bisect } from "../numerics";
import { kelvin } from "../units";

/** Where ASTM D341 ends. */
const THINNEST_MM2_PER_S = 0.2;

/** So much of a fluid, with the factor its viscosity carries (1 fresh, about 1.15 fried). */
export interface MixPart extends FluidLitres {
  readonly usedFactor: number;
}

/**
 * Every fried oil of a mix carries the same used factor; bought petroleum and ester carry none. Once it was measured,
 * engine oil carries it too: without a measure nobody knows whether use has thinned or thickened that.
 */
export const withUsedFactor = (
  parts: readonly FluidPart[],
  fluids: FluidTable,
  usedFactor: number,
  measured = false,
): MixPart[] =>
  parts.map((p) => {
    const fluid = fluidIn(fluids, p.fluid);
    const waste = fluid.family === "vegetable" || fluid.family === "fat" || (measured && fluid.family === "engine");
    return { fluid, litres: p.litres, usedFactor: waste ? usedFactor : 1 };
  });

const LEAST_FACTOR = 0.2;
const MOST_FACTOR = 8;

/**
 * The factor at which a mix has the viscosity that was measured, mm²/s at °C; null where no waste oil is in it, or where
 * no factor between 0.2 and 8 explains the measure.
 */
export function factorOfViscosity(
  parts: readonly FluidPart[],
  fluids: FluidTable,
  nuMm2PerS: number,
  celsius: number,
): number | null {
  const off = (factor: number): number =>
    mixViscosityMm2PerS(withUsedFactor(parts, fluids, factor, true), celsius) - nuMm2PerS;
  if (parts.length === 0 || !(off(LEAST_FACTOR) < 0) || !(off(MOST_FACTOR) > 0)) return null;
  return bisect(off, LEAST_FACTOR, MOST_FACTOR);
}

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

/**
 * The same by the bare equation, −60 to 150 °C, where only more or less is asked: the standard covers 0.2 to 2e7 mm²/s,
 * and what is thinner counts as its thin end.
 */
export function openViscosityMm2PerS(parts: readonly MixPart[], celsius: number): number {
  let [sum, litres] = [0, 0];
  for (const p of parts) {
    const nu = fromWalther(p.fluid.line.a - p.fluid.line.b * Math.log10(kelvin(celsius))) * p.usedFactor;
    sum += p.litres * walther(Math.max(THINNEST_MM2_PER_S, nu));
    litres += p.litres;
  }
  return fromWalther(sum / litres);
}

/** W of a mix at a temperature: of its parts by volume. What is linear in litres when it is mixed. Range −40 to 150 °C. */
export function mixWalther(parts: readonly MixPart[], celsius: number): number {
  let sum = 0;
  let litres = 0;
  for (const p of parts) {
    // Back through ν even for fresh fluids: the standard's inverse is explicit, so W of its ν is not quite the line's W.
    sum += p.litres * walther(kinematicViscosityMm2PerS(p.fluid, celsius, p.usedFactor));
    litres += p.litres;
  }
  return sum / litres;
}

/** Kinematic viscosity in mm²/s of a mix at a temperature: ASTM D7152, volume fractions on W. Range −40 to 150 °C. */
export const mixViscosityMm2PerS = (parts: readonly MixPart[], celsius: number): number =>
  requireCovered(fromWalther(mixWalther(parts, celsius)));
