import * as z from "../../zod";
import { CupId } from "../ids";
import { Name } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

export const Seconds = z.number().min(0.5).max(36_000).meta({ is: "seconds" });

/** The owner's own can with a hole, and what ran through it: fluids of known viscosity. */
const CupSchema = z.object({
  id: CupId,
  name: Name,
  readings: z
    .array(z.object({ what: Name, nuMm2PerS: z.number().min(0.2).max(5000), seconds: Seconds }))
    .min(2)
    .max(50),
});
export type Cup = z.infer<typeof CupSchema>;

export const cup = defineKind({
  kind: "cup",
  title: "Flow cup",
  version: 1,
  upcast: {},
  data: CupSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { data }) {
    yard.cups.set(data.id, data);
    return undefined;
  },
  called: {
    id: null,
    name: "Its name",
    "readings.what": "What ran through",
    "readings.nuMm2PerS": "Its thickness, mm²/s",
    "readings.seconds": "Seconds",
  },
});
