import { ROLES } from "@/core/ledger/roles";
import type { Lot, VesselView } from "@/core/readings";
import { formatNumber } from "@/core/units";
import { mostlyWords } from "./names";
import { shortDay } from "./times";

/** What is written on a container in large letters: what it is for, and the bag that its oil has been through. */
export function markWords(v: VesselView): string {
  const { role } = v.vessel;
  if (v.vessel.apart) return `${ROLES[role].mark}, engine oil`;
  if (role === "thinner" && v.litres > 0.05) {
    const fluid = mostlyWords(v.components);
    return fluid.charAt(0).toUpperCase() + fluid.slice(1);
  }
  if (v.litres > 0.05 && v.quality.water?.wet) return role === "ready" ? "Wet, not ready" : `${ROLES[role].mark}, wet`;
  const um = v.litres > 0.05 ? (v.quality.filteredUm ?? 0) : 0;
  return um > 0 ? `${ROLES[role].mark}, ${formatNumber(um, 0)} µm` : ROLES[role].mark;
}

const CODE_LETTERS = 5;

/** A lot's short name: the end of its entry's id. */
export const lotCode = (lot: Lot): string => lot.id.slice(-CODE_LETTERS).toUpperCase();

/** "Lot 00931, Tue 24 Nov, Gannet hostel and 2 more". */
export function batchWords(lots: readonly Lot[]): string {
  const [first] = lots;
  if (!first) return "";
  const more = lots.length - 1;
  return `Lot ${lotCode(first)}, ${shortDay(first.at)}${first.source ? `, ${first.source}` : ""}${more > 0 ? ` and ${more} more` : ""}`;
}
