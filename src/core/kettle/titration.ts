import { BASES, type Base, OLEIC_G_PER_MOL } from "./masses";

/** A titration: mL of titrant of so many g/L of a base, weighed with its impurity, into so many mL of oil. */
export interface Titration {
  readonly titrantMl: number;
  readonly titrantGPerL: number;
  readonly base: Base;
  readonly oilMl: number;
  readonly oilKgPerL: number;
  /** Of the base in the titrant, 0 to 1: weighed from impure lye it must be said, or the impurity counts twice. */
  readonly titrantPurity: number;
}

export interface FreeAcid {
  readonly acidMolPerL: number;
  /** mg KOH per g of oil. */
  readonly acidNumber: number;
  /** Free fatty acid as oleic, % by mass. */
  readonly ffaPct: number;
}

/** The oil's free acid by titration. Source: physics §5; the usual mg KOH/g of ISO 660. */
export function freeAcid(t: Titration): FreeAcid {
  const acidMolPerL = (t.titrantMl * t.titrantGPerL * t.titrantPurity) / BASES[t.base].gPerMol / t.oilMl;
  return {
    acidMolPerL,
    acidNumber: (acidMolPerL * BASES.KOH.gPerMol) / t.oilKgPerL,
    ffaPct: ((acidMolPerL * OLEIC_G_PER_MOL) / (1000 * t.oilKgPerL)) * 100,
  };
}
