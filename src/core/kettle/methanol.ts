import type { Fluid } from "../fluids";
import { Refused } from "../numerics";
import { METHANOL_G_PER_MOL, METHANOL_KG_PER_L } from "./masses";

/** Shares of methanol by volume of oil that people swear by. The lowest is less than the reaction consumes. */
export const METHANOL_SHARE_SCHOOLS = [0.125, 0.15, 0.2, 0.22, 0.25] as const;

/** g/mol of an oil that can be converted; refuses petroleum and engine oil, which have nothing to convert. */
export function oilGPerMol(oil: Fluid): number {
  if (oil.molarMassGPerMol === null || (oil.family !== "vegetable" && oil.family !== "fat"))
    throw new Refused("oil", "is no fat or vegetable oil: it cannot be converted");
  return oil.molarMassGPerMol;
}

export interface MethanolDose {
  readonly litres: number;
  readonly kg: number;
  /** Moles of methanol a mole of oil: 3 are consumed. */
  readonly molarRatio: number;
  /** The volume share that the reaction itself consumes. */
  readonly stoichiometricShare: number;
}

/** Methanol for a batch by volume share of the oil, volumes at 15 °C. Source: physics §5. */
export function methanolDose(oil: Fluid, oilLitres: number, share: number): MethanolDose {
  const gPerMol = oilGPerMol(oil);
  const litres = oilLitres * share;
  const oilMol = (oilLitres * 1000 * oil.rho15KgPerL) / gPerMol;
  return {
    litres,
    kg: litres * METHANOL_KG_PER_L,
    molarRatio: (litres * 1000 * METHANOL_KG_PER_L) / METHANOL_G_PER_MOL / oilMol,
    stoichiometricShare: (3 * (oil.rho15KgPerL / gPerMol) * METHANOL_G_PER_MOL) / METHANOL_KG_PER_L,
  };
}
