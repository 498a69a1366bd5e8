import type { Lot, VesselView } from "@/core/advice";
import type { VesselRole } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import { mostlyWords } from "./names";
import { shortDay } from "./times";

const ROLE_MARKS: Record<VesselRole, string> = {
  raw: "Raw",
  settling: "Settling",
  settler: "Settler",
  heel: "Heels",
  feed: "Drawn off",
  blend: "Blend",
  kettle: "Kettle",
  ready: "Ready",
  thinner: "Thinner",
  tank: "Tank",
  waste: "Sludge",
};

/** What is written on a container in large letters: what it is for, and the bag that its oil has been through. */
export function markWords(v: VesselView): string {
  const { role } = v.vessel;
  if (v.vessel.apart) return `${ROLE_MARKS[role]}, engine oil`;
  if (role === "thinner" && v.litres > 0.05) {
    const fluid = mostlyWords(v.components);
    return fluid.charAt(0).toUpperCase() + fluid.slice(1);
  }
  if (v.litres > 0.05 && v.water?.wet) return role === "ready" ? "Wet, not ready" : `${ROLE_MARKS[role]}, wet`;
  const filtered = v.litres > 0.05 && v.filteredUm !== null && v.filteredUm > 0;
  return filtered ? `${ROLE_MARKS[role]}, ${formatNumber(v.filteredUm ?? 0, 0)} µm` : ROLE_MARKS[role];
}

const CODE_LETTERS = 5;

/** A lot's short name: the end of its entry's id. */
export const lotCode = (lot: Lot): string => lot.id.slice(-CODE_LETTERS).toUpperCase();

/** "Lot 00931, Tue 24 Nov, Gannet hostel and 2 more". */
export function batchWords(v: VesselView): string {
  const [first] = v.lots;
  if (!first || v.litres < 0.05) return "";
  const more = v.lots.length - 1;
  return `Lot ${lotCode(first)}, ${shortDay(first.at)}${first.source ? `, ${first.source}` : ""}${more > 0 ? ` and ${more} more` : ""}`;
}
