import { byComponent } from "../../fluids";
import { isFiltered, type PartLitres, roleOf, type VesselState } from "../../ledger";
import { holdsOil } from "../blend/gums";
import { shareOfFamily } from "./family";

/** A tank is shaken as it is driven, sludge is what has settled, a kettle stirs and heats. */
const NEVER: ReadonlySet<string> = new Set(["tank", "waste", "kettle"]);
const MOSTLY = 0.5;

/**
 * Whether what stands in a vessel settles: by what is in it and how it stands, not by what the vessel is for. Waste oil
 * that has been through no bag carries its dirt with it into a pail, a tub, or a drum that is called ready.
 */
export function settles({ vessel, contents, quality }: VesselState, parts: readonly PartLitres[]): boolean {
  if (roleOf(vessel.role).settles) return true;
  // Gums, water and dirt fall out of a blend as out of a drum.
  if (vessel.role === "blend")
    return contents.total > 0 && holdsOil({ litres: contents.total, components: byComponent(parts) });
  if (NEVER.has(vessel.role) || isFiltered(quality) || contents.total <= 0) return false;
  const held = { litres: contents.total, components: byComponent(parts) };
  return shareOfFamily(held, "vegetable") + shareOfFamily(held, "fat") + shareOfFamily(held, "engine") > MOSTLY;
}
