import { DIRT_KINDS, type DirtKind, type MuckShares } from "../fluids";
import { CREAMY_FAT_SHARE } from "../fluids/creamy";

/** How a lot looks before it is taken. */
export interface Acceptance {
  readonly look: "clear" | "creamy" | "wet";
  readonly smell: "fried" | "sour" | "solvent";
  readonly fried: "plants" | "meat" | "unknown" | "engine";
  readonly bottomWater: "none" | "some" | "much";
}

/** Take it with the rest; take it, but in a container of its own; leave it. */
export type Verdict = "take" | "apart" | "refuse";

export type VerdictReason =
  | "solvent"
  | "creamy"
  | "wet"
  | "much-water"
  | "some-water"
  | "sour"
  | "meat"
  | "engine"
  | "clear";

const WORST_FIRST: readonly Verdict[] = ["refuse", "apart", "take"];

interface Rule {
  readonly reason: VerdictReason;
  readonly verdict: Verdict;
  readonly when: (a: Acceptance) => boolean;
}

/** Worst first within the table, so that the first reason is the one that decided. */
const RULES: readonly Rule[] = [
  // Petrol or thinner in it: a fire in every later step.
  { reason: "solvent", verdict: "refuse", when: (a) => a.smell === "solvent" },
  // Creamy and under water: nothing that settles or burns comes of it.
  { reason: "much-water", verdict: "refuse", when: (a) => a.bottomWater === "much" && a.look !== "clear" },
  { reason: "engine", verdict: "apart", when: (a) => a.fried === "engine" },
  { reason: "creamy", verdict: "apart", when: (a) => a.look === "creamy" },
  { reason: "wet", verdict: "apart", when: (a) => a.look === "wet" },
  { reason: "much-water", verdict: "apart", when: (a) => a.bottomWater === "much" && a.look === "clear" },
  { reason: "some-water", verdict: "take", when: (a) => a.bottomWater === "some" },
  { reason: "sour", verdict: "take", when: (a) => a.smell === "sour" },
  { reason: "meat", verdict: "take", when: (a) => a.fried === "meat" },
];

/** What to do with a lot, and every reason for it, the deciding one first. Source: the craft's own check; job §2. */
export function judgeLot(a: Acceptance): { verdict: Verdict; reasons: VerdictReason[] } {
  const met = RULES.filter((r) => r.when(a));
  const verdict = WORST_FIRST.find((v) => met.some((r) => r.verdict === v)) ?? "take";
  const reasons = [...met].sort((x, y) => WORST_FIRST.indexOf(x.verdict) - WORST_FIRST.indexOf(y.verdict));
  return { verdict, reasons: reasons.length > 0 ? reasons.map((r) => r.reason) : ["clear"] };
}

const CREAMY_TIMES = 5;
const WET_TIMES = 5;
const BOTTOM_WATER: Record<Acceptance["bottomWater"], number> = { none: 0, some: 0.03, much: 0.15 };

/** The same for the lot in front of one: creamy is a tenth of it fat, or five times its usual; wet five times the water, and the water seen. */
export function muckOf(
  dirt: DirtKind,
  { look, bottomWater = "none" }: Pick<Acceptance, "look"> & Partial<Acceptance>,
): MuckShares {
  const usual = DIRT_KINDS[dirt].usually;
  return {
    water: usual.water * (look === "wet" ? WET_TIMES : 1) + BOTTOM_WATER[bottomWater],
    sludge: usual.sludge,
    "fryer-fat": look === "creamy" ? Math.max(CREAMY_FAT_SHARE, usual["fryer-fat"] * CREAMY_TIMES) : usual["fryer-fat"],
  };
}

/** What of it comes past a filter and a pan that stayed quiet: grains stay behind, and there was no water. Fat goes through. */
export const muckPast = (muck: MuckShares, isFiltered: boolean, isDry: boolean): MuckShares => ({
  ...muck,
  ...(isFiltered && { sludge: 0 }),
  ...(isDry && { water: 0 }),
});
