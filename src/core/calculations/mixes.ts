import type { Ingredient, MixPart } from "../blending";
import { type FluidId, type FluidTable, fluidIn } from "../fluids";
import * as z from "../zod";
import { fluid, litres, usedFactor } from "./fields";

const Part = z.strictObject({ fluid: fluid("Fluid"), litres: litres("Litres at 15 °C"), usedFactor });
type Part = z.output<typeof Part>;

/** What is in a mix, litres at 15 °C. */
export const parts = z.array(Part).min(1).max(50).meta({ title: "Parts" });
/** What is in a tank that may be empty. */
export const contents = z.array(Part).max(50).meta({ title: "In the tank" });

export const mixOf = (given: readonly Part[], fluids: FluidTable): MixPart[] =>
  given.map((p) => ({ fluid: fluidIn(fluids, p.fluid), litres: p.litres, usedFactor: p.usedFactor }));

export const ingredient = (fluids: FluidTable, id: FluidId, factor: number): Ingredient => ({
  fluid: fluidIn(fluids, id),
  usedFactor: factor,
});
