import { type ComponentId, isFluidId, isPetrol, litres15PerLitre } from "../../fluids";
import * as z from "../../zod";
import { add, type Contents, litres15OfMeasured } from "../contents";
import { VesselId } from "../ids";
import { type MixedLitres, mixQuality, type Quality } from "../quality";
import { Component, LitresOrNone, Measured } from "../schema/quantities";
import { partsOf, type YardState } from "../state";
import { asFound, book, bringIn, changeVessel, takeOut, vesselAt } from "../transfer";
import { SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** The stick against the book: the difference is booked as unaccounted, in the open. */
export const stockTake = defineKind({
  kind: "stock-take",
  title: "Stock-take",
  version: 1,
  upcast: {},
  data: z.object({
    vessel: VesselId,
    found: Measured.extend({ litres: LitresOrNone }),
    /** What it is, where the book has the vessel empty. */
    gainOf: Component.optional(),
  }),
  moves: ({ vessel, found, gainOf }) => [
    {
      how: "count",
      from: null,
      ...(gainOf && { fresh: [{ component: gainOf, litres: found.litres }] }),
      to: vessel,
      amount: { ...found, litres: Math.max(found.litres, Number.MIN_VALUE) },
      layer: "mixed",
    },
  ],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { vessel, found, gainOf } }) {
    const { contents: there } = vesselAt(yard, vessel);
    const measured = found.litres * swells(yard, there, gainOf, found.celsius);
    if (measured < there.total) {
      const missing = takeOut(yard, vessel, { litres: there.total - measured }, happenedAt);
      if (!missing.ok) return missing.error;
      book(yard, "unaccounted", missing.value);
      return undefined;
    }
    if (measured === there.total) return undefined;
    const gain = measured - there.total;
    const alike = partsOf(there, yard.parts).map((p): [ComponentId, number] => [
      p.component,
      (gain * p.litres) / there.total,
    ]);
    if (alike.length === 0 && gainOf === undefined) return { code: "nothing-to-gain-of", vessel };
    const extra = bringIn(yard, gainOf === undefined ? alike : [[gainOf, gain]], undefined, id);
    changeVessel(yard, vessel, {
      contents: add(there, extra, yard.parts),
      changedAt: happenedAt,
      ...(gainOf !== undefined && {
        quality: gained(yard, vessel, gainOf, { there: there.total, poured: gain }, happenedAt),
      }),
    });
    book(yard, "unaccounted", extra, -1);
    yard.origins.set(id, { kind: "stock-take", at: happenedAt, source: null, muckShare: 0 });
    return undefined;
  },
  called: {
    vessel: "What",
    "found.litres": "Litres found",
    "found.celsius": "Read at",
    gainOf: "What it is",
  },
});

/** What was found is as it is kept there, mixed with what the book has. */
function gained(yard: YardState, id: VesselId, gainOf: ComponentId, litres: MixedLitres, at: string): Quality {
  const { quality } = vesselAt(yard, id);
  const found = asFound(yard, id, gainOf);
  const isPetrolFound = isFluidId(gainOf) && isPetrol(gainOf);
  const shares = litres.there > 0 ? mixQuality(quality, found, at, litres) : found;
  return {
    ...quality,
    unclearedShare: shares.unclearedShare,
    unfilteredShare: shares.unfilteredShare,
    unpassedShare: shares.unpassedShare,
    petrolSince: isPetrolFound ? (quality.petrolSince ?? at) : quality.petrolSince,
  };
}

/** Litres at 15 °C in one as found: what stands there swells as it does, not as some usual oil would. */
function swells(
  yard: YardState,
  there: Contents,
  gainOf: ComponentId | undefined,
  celsius: number | undefined,
): number {
  if (celsius === undefined) return 1;
  if (there.total > 0) return litres15OfMeasured(there, yard.parts, celsius);
  return gainOf === undefined ? 1 : litres15PerLitre(gainOf, celsius);
}
