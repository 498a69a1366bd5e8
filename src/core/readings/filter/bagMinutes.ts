import { minutesThrough } from "../../filtration";
import { dynamicViscosityPaS, type FluidTable } from "../../fluids";
import type { Settings } from "../../ledger";
import { covered } from "../covered";
import type { BagView } from "./bagView";

/** Apart from the fit itself, which is made in the worker: so that the bench's page stays light. */

/** Kitchen oil is near enough canola for a bag's minutes, with the yard's own factor for fried. */
const AS_OIL = "canola";

export interface BagTerms {
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

/** Oil's dynamic viscosity at a temperature, Pa·s; null beyond what the models cover. */
export const viscosityAt = (celsius: number, { settings, fluids }: BagTerms): number | null =>
  covered(() => dynamicViscosityPaS(fluids[AS_OIL], celsius, settings.usedFactor)) ?? null;

/** Minutes for a run at a temperature; null where the models do not cover it. */
export function bagMinutes(bag: BagView, litres: number, celsius: number, terms: BagTerms): number | null {
  const viscosityPaS = viscosityAt(celsius, terms);
  return viscosityPaS === null ? null : minutesThrough(bag.fit, litres, bag.litres, viscosityPaS);
}
