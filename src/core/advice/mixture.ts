import { type MixPart, mixViscosityMm2PerS, withUsedFactor } from "../blending";
import { densityKgPerL, fuelParts, type Part } from "../fluids";
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
    (mix.reduce((sum, p) => sum + p.litres * densityKgPerL(p.fluid, celsius), 0) / litres) * 1000;
  return remembered({
    kgPerM3,
    viscosityPaS: (celsius) => mixViscosityMm2PerS(mix, celsius) * kgPerM3(celsius) * 1e-6,
  });
}

/** Every dirt class asks for the same temperatures: each is worked out once. */
function remembered(oil: SettlingOil): SettlingOil {
  const density = new Map<number, number>();
  const viscosity = new Map<number, number>();
  return {
    kgPerM3(celsius) {
      const known = density.get(celsius) ?? oil.kgPerM3(celsius);
      density.set(celsius, known);
      return known;
    },
    viscosityPaS(celsius) {
      const known = viscosity.get(celsius) ?? oil.viscosityPaS(celsius);
      viscosity.set(celsius, known);
      return known;
    },
  };
}
