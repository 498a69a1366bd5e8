import { BASES, type Base } from "./masses";

/** Grams of pure base a litre of acid-free oil wants, by school. */
export const BASE_DOSE_SCHOOLS: Readonly<Record<Base, readonly number[]>> = { NaOH: [3.5, 5], KOH: [4.9, 7, 9] };

/** Grams of base as weighed, its impurity included: L·(base dose + acid·M)/purity. Purity 0 to 1. */
export const catalystGrams = (
  oilLitres: number,
  acidMolPerL: number,
  base: Base,
  baseDoseGPerL: number,
  purity: number,
): number => (oilLitres * (baseDoseGPerL + acidMolPerL * BASES[base].gPerMol)) / purity;
