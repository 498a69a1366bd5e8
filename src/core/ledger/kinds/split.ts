import type { ComponentId } from "../../fluids";
import { PHASES } from "../../kettle";
import * as z from "../../zod";
import { changeBatch, noBatch, untested } from "../batches";
import { BatchId, VesselId } from "../ids";
import { withItsMarks } from "../quality";
import { Component, LitresOrNone, Measured, Share } from "../schema/quantities";
import { pourIn, takeParts, vesselAt } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/**
 * The lower layer let out. What is in it is what the app took it to be at the time (`below`: of each component the share
 * that had gone down), so that a better model never rewrites it; more litres than that layer are of what stands above.
 */
export const split = defineKind({
  kind: "split",
  title: "Let out below",
  version: 1,
  upcast: {},
  data: z.object({
    batch: BatchId,
    phase: z.enum(PHASES),
    from: VesselId,
    to: VesselId,
    amount: Measured,
    below: z.array(z.object({ component: Component, share: Share })).max(20),
    expectedLitres: LitresOrNone.optional(),
  }),
  moves: ({ from, to, amount }) => [flow("pour", from, to, amount, "bottom")],
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { batch, phase, from, to, amount, below, expectedLitres } }) {
    const state = yard.batches.get(batch);
    if (!state) return noBatch(batch);
    const shares = new Map<ComponentId, number>(below.map((b) => [b.component, b.share]));
    const like = withItsMarks(vesselAt(yard, from).quality);
    const taken = takeParts(yard, from, amount, (c) => shares.get(c) ?? 0, happenedAt);
    if (!taken.ok) return taken.error;
    pourIn(yard, to, taken.value, happenedAt, { quality: like, celsius: amount.celsius });
    untested(yard, from);
    const seen = { at: happenedAt, phase, litres: taken.value.total, expectedLitres: expectedLitres ?? null };
    changeBatch(yard, batch, { splits: [...state.splits, seen] });
    return undefined;
  },
  called: {
    batch: "Batch",
    phase: ["What was let out", { glycerol: "Glycerol", acid: "Acid water", wash: "Wash water" }],
    from: "Out of",
    to: "Into",
    "amount.litres": "Litres",
    "amount.celsius": "Read at",
    below: null,
    expectedLitres: null,
  },
});
