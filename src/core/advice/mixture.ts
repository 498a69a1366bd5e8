import { type MixPart, mixViscosityMm2PerS, withUsedFactor } from "../blending";
import { componentDensity15, fuelParts, litres15PerLitre, type Part } from "../fluids";
import type { SettlingOil } from "../settling";

/** A vessel's fuel as a mix: water and sludge left out, fried oil with the yard's used factor. */
export const mixOf = (parts: readonly Part[], usedFactor: number): MixPart[] =>
  withUsedFactor(fuelParts(parts), usedFactor);

/** The liquid in a vessel as what dirt falls through; null where nothing but muck is there. */
export function settlingOilOf(parts: readonly Part[], usedFactor: number): SettlingOil | null {
  const mix = mixOf(parts, usedFactor);
  const litres = mix.reduce((sum, p) => sum + p.litres, 0);
  if (litres <= 0) return null;
  const kgPerM3 = (celsius: number): number =>
    (mix.reduce((sum, p) => sum + p.litres * componentDensity15(p.fluid) * litres15PerLitre(p.fluid, celsius), 0) /
      litres) *
    1000;
  return {
    kgPerM3,
    viscosityPaS: (celsius) => mixViscosityMm2PerS(mix, celsius) * kgPerM3(celsius) * 1e-6,
  };
}
