import { type MixPart, withUsedFactor } from "../blending";
import { fuelParts, type Part } from "../fluids";

/** A vessel's fuel as a mix: water and sludge left out, fried oil with the yard's used factor. */
export const mixOf = (parts: readonly Part[], usedFactor: number): MixPart[] =>
  withUsedFactor(fuelParts(parts), usedFactor);
