import { type Overridden, tanksOf, type VesselState, type YardState } from "../ledger";
import { amissIn, SOME_SHARE } from "./amiss";
import { type Held, heldIn } from "./held";

/** A word that stands on a vessel until what it speaks of is worked off. */
export interface VesselWord {
  readonly code: string;
  /** Litres that are amiss; null where it is about all of it. */
  readonly litres: number | null;
  /** Since when somebody went against the gates' word; null: it was found so, or came of what else happened. */
  readonly despiteAt: string | null;
}

type Yard = Pick<YardState, "parts" | "vehicles">;

/** What a word was said of. */
interface On {
  readonly yard: Yard;
  readonly state: VesselState;
  readonly word: Overridden;
}

const PETROL_SHARE = 0.002;
const hasPetrol = (h: Held): boolean => h.petrol > PETROL_SHARE * h.total;
const isRaw = ({ quality }: Held): boolean => quality.unclearedShare > SOME_SHARE;
const isUnfiltered = ({ quality }: Held): boolean => quality.unfilteredShare > SOME_SHARE;

/**
 * While these hold, a word that somebody went against still stands. What is only an act (a stage out of order, a fill that
 * was not locked out) leaves nothing behind, and nothing on the vessel.
 */
const STILL_STANDS: Readonly<Record<string, (h: Held, on: On) => boolean>> = {
  "slops-into-fuel": isRaw,
  "not-cleared-into-fuel": isRaw,
  "wet-into-fuel": ({ quality }) => quality.water?.wet === true,
  "water-not-tested": ({ quality }) => quality.water === null,
  "engine-oil-into-tank": (h) => h.engineOil > SOME_SHARE * h.total && isUnfiltered(h),
  "engine-oil-and-petrol": (h) => hasPetrol(h) && h.engineOil > SOME_SHARE * h.total,
  "petrol-not-stood": hasPetrol,
  "petrol-not-drained": hasPetrol,
  "petrol-not-clear": hasPetrol,
  "petrol-dark-not-tested": hasPetrol,
  "black-blend-not-here": (h) => hasPetrol(h) && h.engineOil > SOME_SHARE * h.total,
  "petrol-mixed-in-vehicle": hasPetrol,
  "neat-petrol-into-vehicle": (h) => h.petrol > h.total / 2,
  "dyed-for-the-road": ({ quality }) => quality.dyed,
  // Once it was driven on, it is no longer new to its engine.
  "untried-recipe": (_, { yard, state, word }) =>
    ![...yard.vehicles.values()].some(
      ({ vehicle, lastTripAt }) => tanksOf(vehicle).includes(state.vessel.id) && (lastTripAt ?? "") > word.at,
    ),
  "creamy-into-vehicle": (h) => h.fat > SOME_SHARE * h.total,
  "kettle-not-walked": (h, { state }) => state.walkDown === null && h.methanol + h.lye > SOME_SHARE * h.total,
  "kettle-not-safe": (h) => h.methanol + h.lye > SOME_SHARE * h.total,
};

/** What is amiss in a vessel, and what of it somebody owned up to. */
export function wordsOn(yard: Yard, state: VesselState): VesselWord[] {
  const amiss = amissIn(yard, state);
  if (amiss.length === 0 && state.overridden.length === 0) return [];
  const held = heldIn(yard, state);
  const known = new Set<string>(amiss.map((a) => a.code));
  const since = (code: string): string | null => state.overridden.find((o) => o.code === code)?.at ?? null;
  const stands = (o: Overridden): boolean =>
    !known.has(o.code) && STILL_STANDS[o.code]?.(held, { yard, state, word: o }) === true;
  return [
    ...amiss.map((a) => ({ code: a.code, litres: a.litres, despiteAt: since(a.code) })),
    ...state.overridden.filter(stands).map((o) => ({ code: o.code, litres: null, despiteAt: o.at })),
  ];
}
