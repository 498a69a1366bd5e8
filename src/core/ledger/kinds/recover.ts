import { kgOf } from "../../fluids";
import * as z from "../../zod";
import { changeBatch, methanolAndWater, noBatch } from "../batches";
import { add } from "../contents";
import { BatchId, VesselId } from "../ids";
import { UNKNOWN_QUALITY } from "../quality";
import { Celsius, Measured, Share } from "../schema/quantities";
import { partsOf } from "../state";
import { book, bringIn, pourIn, takeGone, vesselAt } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Methanol boiled out of glycerol and condensed: litres as they came, and how much of them is methanol by weight. */
export const recover = defineKind({
  kind: "recover",
  title: "Methanol recovered",
  version: 1,
  upcast: {},
  data: z.object({
    from: VesselId,
    to: VesselId,
    amount: Measured,
    methanolShare: Share.min(0.4).meta({ is: "share" }),
    potCelsius: Celsius.optional(),
    kwh: z.number().min(0).max(1000).optional(),
    batch: BatchId.optional(),
  }),
  moves: ({ from, to, amount }) => [flow("pour", from, to, amount, "top")],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { from, to, amount, methanolShare, kwh, batch } }) {
    const of = batch === undefined ? undefined : yard.batches.get(batch);
    if (batch !== undefined && !of) return noBatch(batch);
    const shares = methanolAndWater(methanolShare);
    const wanted = { methanol: amount.litres * shares.methanol, water: amount.litres * shares.water };
    const there = partsOf(vesselAt(yard, from).contents, yard.parts).reduce(
      (sum, p) => (p.component === "water" ? sum + p.litres : sum),
      0,
    );
    // More water by the hydrometer than the book has in the pot: glycerol drinks it from the air. It is told in the open.
    const found = Math.max(0, wanted.water - there);
    const taken = takeGone(
      yard,
      from,
      new Map([
        ["methanol", wanted.methanol],
        ["water", wanted.water - found],
      ]),
      happenedAt,
    );
    if (!taken.ok) return taken.error;
    const extra = bringIn(yard, [["water", found]], undefined, id);
    pourIn(yard, to, add(taken.value, extra, yard.parts), happenedAt, { quality: UNKNOWN_QUALITY });
    book(yard, "unaccounted", extra, -1);
    yard.origins.set(id, { kind: "recover", at: happenedAt, source: null, muckShare: 0 });
    if (of)
      changeBatch(yard, of.batch.id, {
        recovered: {
          methanolKg: of.recovered.methanolKg + kgOf("methanol", wanted.methanol),
          kwh: of.recovered.kwh + (kwh ?? 0),
        },
      });
    return undefined;
  },
  called: {
    from: "Out of",
    to: "Into",
    "amount.litres": "Litres that came",
    "amount.celsius": "Read at",
    methanolShare: "Methanol in it",
    potCelsius: "Pot at the end",
    kwh: "Energy, kWh",
    batch: "Batch",
  },
});
