import * as z from "../../zod";
import { BatchId, VesselId } from "../ids";
import { BatchRecipeSchema, RECIPE_CALLED } from "../schema/batch";
import { Fluid, Name, Text } from "../schema/quantities";
import { MOVES_NOTHING } from "./flow";
import { defineKind } from "./kind";

const BatchSchema = z.object({
  id: BatchId,
  name: Name,
  kettle: VesselId,
  /** One litre first; a batch; or one that is done once more because it failed. */
  is: z.enum(["trial", "batch", "rework"]),
  /** Scaled up from a trial, or the failed one that is reworked. */
  of: BatchId.optional(),
  /** What its lot mostly was: once it has reacted nobody can tell. */
  oil: Fluid.optional(),
  recipe: BatchRecipeSchema,
  note: Text.optional(),
});
export type Batch = z.infer<typeof BatchSchema>;

/** A batch begun, or its recipe changed before it is weighed: what was done of it stays. */
export const batch = defineKind({
  kind: "batch",
  title: "Batch",
  version: 1,
  upcast: {},
  data: BatchSchema,
  moves: MOVES_NOTHING,
  speaksOf: ({ kettle }) => [kettle],
  apply(yard, { happenedAt, data }) {
    if (data.of !== undefined && !yard.batches.has(data.of)) return { code: "unknown-batch", batch: data.of };
    yard.batches.set(data.id, {
      at: happenedAt,
      vessel: data.kettle,
      stages: {},
      readings: [],
      charged: {},
      paid: 0,
      splits: [],
      washes: [],
      helps: [],
      tests: [],
      dried: { kwh: 0, hours: 0, waterKg: 0 },
      recovered: { methanolKg: 0, kwh: 0 },
      photos: [],
      verdict: "open",
      ended: null,
      jar: null,
      ...yard.batches.get(data.id),
      batch: data,
    });
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    kettle: "Kettle",
    is: ["It is", { trial: "A trial of a litre", batch: "A batch", rework: "A failed one, once more" }],
    of: null,
    oil: "Oil it is made of",
    ...RECIPE_CALLED,
    note: "Note",
  },
});
