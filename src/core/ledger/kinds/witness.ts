import * as z from "../../zod";
import { changeBatch, noBatch } from "../batches";
import { BatchId } from "../ids";
import { Name } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A jar of a batch that is kept for years: where it stands, and what is written on it. */
export const witness = defineKind({
  kind: "witness",
  title: "Witness jar",
  version: 1,
  upcast: {},
  data: z.object({ batch: BatchId, place: Name, label: Name }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data: { batch, place, label } }) {
    if (!yard.batches.has(batch)) return noBatch(batch);
    changeBatch(yard, batch, { jar: { place, label } });
    return undefined;
  },
  called: { batch: "Batch", place: "It stands", label: "Written on it" },
});
