import { fitGums } from "../../blending";
import { isFluidId, isPetrol } from "../../fluids";
import { ENGINE_OIL_SHARE } from "../../fluids/engineOil";
import type { PartLitres, VesselState, YardState } from "../../ledger";
import { MS_PER_HOUR } from "../../units";
import { covered } from "../covered";
import { shareOfFamily } from "../vessel/family";

/** Petrol, and oil that it takes gums out of: more than a trace of both. */
const SOME_PETROL = 0.002;
const SOME_OIL = 0.02;

interface Held {
  readonly litres: number;
  readonly components: readonly Pick<PartLitres, "component" | "litres">[];
}

const oilShare = (held: Held): number =>
  shareOfFamily(held, "vegetable") + shareOfFamily(held, "fat") + shareOfFamily(held, "engine");

/** A mix of waste oil with something else. */
export const holdsOil = (held: Held): boolean => oilShare(held) > SOME_OIL;

/** A mix that gums fall out of. */
export function isPetrolBlend(held: Held): boolean {
  const petrol = held.components.reduce(
    (sum, c) => (isFluidId(c.component) && isPetrol(c.component) ? sum + c.litres : sum),
    0,
  );
  return petrol > SOME_PETROL * held.litres && holdsOil(held);
}

/** What is known of gums in this yard: nine tenths are down after the owner's hours. */
export interface Gums {
  /** Falls out in the end, of the blend; null until a batch was drained. */
  readonly fullShare: number | null;
  readonly tauHours: number;
  readonly batches: number;
}

/** Mixed and drained within the hour tells nothing. */
const LEAST_HOURS = 1;

export function gumsOf({ gumBatches, settings }: Pick<YardState, "gumBatches" | "settings">): Gums {
  const tauHours = settings.petrolStandHours / Math.LN10;
  const drains = gumBatches
    .filter((b) => b.hours >= LEAST_HOURS && b.litres > 0)
    .map((b) => ({ hours: b.hours, share: Math.min(1, b.drainedLitres / b.litres) }));
  const fullShare = drains.length > 0 ? (covered(() => fitGums(drains, tauHours)) ?? null) : null;
  return { fullShare, tauHours, batches: drains.length };
}

/** What a petrol blend still needs before it may be burned. */
export interface PetrolStanding {
  readonly since: string;
  /** Until then it stands. */
  readonly standsUntil: string;
  readonly hasStood: boolean;
  /** Drained, and a jar of it clear, after it had stood. */
  readonly drained: boolean;
  readonly clear: boolean;
  /** Engine oil is in it: no light goes through, and a drop on paper and a paper filter say what a jar cannot. */
  readonly isDark: boolean;
}

/** Null for anything but a petrol blend. */
export function petrolStanding(
  { quality }: Pick<VesselState, "quality">,
  held: Held,
  standHours: number,
  now: string,
): PetrolStanding | null {
  const { petrolSince: since, gumsDrainedAt, gumsClearAt } = quality;
  if (since === null || !isPetrolBlend(held)) return null;
  const standsUntil = new Date(Date.parse(since) + standHours * MS_PER_HOUR).toISOString();
  const after = (at: string | null): boolean => at !== null && at >= standsUntil;
  // What was drained, seen and poured on has stood where it was drained.
  const hasStood = now >= standsUntil;
  const isDark = shareOfFamily(held, "engine") > ENGINE_OIL_SHARE;
  return { since, standsUntil, hasStood, drained: after(gumsDrainedAt), clear: after(gumsClearAt), isDark };
}
