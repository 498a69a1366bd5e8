import * as z from "../../zod";
import { changeBatch, noBatch } from "../batches";
import { BatchId } from "../ids";
import { LitresOrNone } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

export const BATCH_ENDS = { fuel: "It is fuel", rework: "It is reworked", "given-up": "Given up" } as const;
export type BatchEnd = keyof typeof BATCH_ENDS;

/** A batch is over: fuel, reworked as another, or given up. */
export const batchEnd = defineKind({
  kind: "batch-end",
  title: "Batch over",
  version: 1,
  upcast: {},
  data: z.object({
    batch: BatchId,
    how: z.enum(["fuel", "rework", "given-up"]),
    /** Of fuel at 15 °C. */
    litres: LitresOrNone,
  }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { batch, how, litres } }) {
    if (!yard.batches.has(batch)) return noBatch(batch);
    changeBatch(yard, batch, { ended: { at: happenedAt, how, litres } });
    return undefined;
  },
  called: { batch: "Batch", how: ["What became of it", BATCH_ENDS], litres: "Fuel" },
});
