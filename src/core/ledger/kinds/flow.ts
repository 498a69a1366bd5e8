import type { ComponentId } from "../../fluids";
import type { BagId, VesselId } from "../ids";
import type { Layer, MeasuredOrAll } from "../schema/quantities";

/**
 * What drives a run: the level above it, air on the feed, a pump turned by hand or a drill, a pump with a motor. A motor that
 * nobody has looked into is taken to have brushes.
 */
export const FEED_WAYS = {
  gravity: "Gravity",
  air: "Air",
  hand: "Hand pump",
  pump: "Electric pump",
  brushless: "Brushless pump",
} as const;
export type FeedWay = keyof typeof FEED_WAYS;

/** What is done to what flows. */
export type How =
  | "pour"
  | "blend"
  | "filter"
  | "spin"
  | "dose"
  | "heat"
  | "react"
  /** Acid and soap, cold, as they meet: no heat is put to it. */
  | "neutralise"
  | "fill"
  | "burn"
  | "dispose"
  | "count";

/**
 * One way that litres take in an entry, as far as the entry alone says it. Clearance, the overfill guard and what an
 * entry touches are derived from these: an entry that moves oil and does not say so would go round every gate.
 */
export interface Flow {
  readonly how: How;
  /** Out of a vessel; null: from outside, then `fresh` says what it is. */
  readonly from: VesselId | null;
  readonly fresh?: readonly { readonly component: ComponentId; readonly litres: number }[];
  /** Into a vessel; null: out of the yard. Heat and counting stay where they are. */
  readonly to: VesselId | null;
  readonly amount: MeasuredOrAll;
  readonly layer: Layer;
  /** What drives a run through bags, and which: what they bear is asked of the yard. */
  readonly driven?: { readonly way: FeedWay; readonly kPa: number; readonly through: readonly BagId[] } | undefined;
  /** How hot what it goes into is, where that is known. */
  readonly intoCelsius?: number | undefined;
}

/** Water out of the tap onto a lot, as hot as that is. */
export const waterOnto = (vessel: VesselId, waterLitres: number, intoCelsius: number | undefined): Flow => ({
  how: "dose",
  from: null,
  fresh: [{ component: "water", litres: waterLitres }],
  to: vessel,
  amount: { litres: waterLitres },
  layer: "mixed",
  intoCelsius,
});

/** An entry that moves no litres. */
export const MOVES_NOTHING = (): readonly Flow[] => [];
/** An entry that speaks of no vessel besides those its litres go through. */
export const SPEAKS_OF_NONE = (): readonly VesselId[] => [];

export const flow = (
  how: How,
  from: VesselId | null,
  to: VesselId | null,
  amount: MeasuredOrAll,
  layer: Layer = "mixed",
): Flow => ({ how, from, to, amount, layer });
