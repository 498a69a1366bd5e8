import { type ComponentId, componentOf, isLike } from "../fluids";
import { partsOf, type Quality, type Vessel, type VesselState, type YardState } from "../ledger";

/** What stands in a vessel, as rules about mixtures look at it: litres at 15 °C of each group of substances. */
export interface Held {
  readonly vessel: Vessel;
  readonly quality: Quality;
  readonly total: number;
  readonly petrol: number;
  readonly methanol: number;
  readonly lye: number;
  readonly acid: number;
  readonly glycerol: number;
  readonly soap: number;
  readonly water: number;
  readonly ester: number;
  /** Waste oil and fat, of kitchens and of engines. */
  readonly oil: number;
  readonly engineOil: number;
  readonly fat: number;
}

type Group = Exclude<keyof Held, "vessel" | "quality" | "total">;
const NONE: Record<Group, number> = {
  petrol: 0,
  methanol: 0,
  lye: 0,
  acid: 0,
  glycerol: 0,
  soap: 0,
  water: 0,
  ester: 0,
  oil: 0,
  engineOil: 0,
  fat: 0,
};

/** The chemicals by the group that rules speak of; fluids of the table go by their family. */
const CHEMICAL: Partial<Record<ComponentId, Group>> = {
  methanol: "methanol",
  "sodium-hydroxide": "lye",
  "potassium-hydroxide": "lye",
  "sulfuric-acid": "acid",
  glycerol: "glycerol",
  soap: "soap",
  "potassium-soap": "soap",
  water: "water",
};

function groupsOf(component: ComponentId): readonly Group[] {
  const chemical = CHEMICAL[component];
  if (chemical) return [chemical];
  if (isLike(component, "petrol")) return ["petrol"];
  const { family } = componentOf(component);
  if (family === "ester") return ["ester"];
  if (family === "engine") return ["oil", "engineOil"];
  if (family === "fat") return ["oil", "fat"];
  return family === "vegetable" ? ["oil"] : [];
}

export const heldIn = (yard: Pick<YardState, "parts">, { vessel, contents, quality }: VesselState): Held =>
  heldOf(vessel, quality, partsOf(contents, yard.parts));

interface Part {
  readonly component: ComponentId;
  readonly litres: number;
}

/** The same of any parts, as if they stood in a vessel. */
export function heldOf(vessel: Vessel, quality: Quality, parts: readonly Part[]): Held {
  const litres = { ...NONE };
  let total = 0;
  for (const p of parts) {
    total += p.litres;
    for (const group of groupsOf(p.component)) litres[group] += p.litres;
  }
  return { vessel, quality, total, ...litres };
}
