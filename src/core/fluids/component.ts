import { FLUIDS, type FluidId, isFluidId } from "./table";

/** What a litre in a vessel can be: a fuel or oil of the table, or the muck that travels with it. */
export type MuckId = "water" | "sludge";
export type ComponentId = FluidId | MuckId;

const MUCK: Record<MuckId, { name: string; alphaPerK: number; rho15KgPerL: number }> = {
  // Water's own curve is in density.ts; over a shed's temperatures a straight line is within 0.2 % of it.
  water: { name: "Water", alphaPerK: 1.5e-4, rho15KgPerL: 0.9991 },
  sludge: { name: "Sludge", alphaPerK: 5e-4, rho15KgPerL: 1.1 },
};

export const isMuck = (id: ComponentId): id is MuckId => !isFluidId(id);
export const componentName = (id: ComponentId): string => (isFluidId(id) ? FLUIDS[id].name : MUCK[id].name);

/** Volume expansion per kelvin. */
export const expansionPerK = (id: ComponentId): number => (isFluidId(id) ? FLUIDS[id].alphaPerK : MUCK[id].alphaPerK);

/**
 * Litres at 15 °C in one litre measured at `celsius`: ρ(t)/ρ15 = 1 − α·(t − 15).
 * Source: linear expansion with the fluid table's α; meant for −40 to 150 °C.
 */
export function litres15PerLitre(id: ComponentId, celsius: number): number {
  return 1 - expansionPerK(id) * (celsius - 15);
}
