import * as z from "../../zod";
import { add, EMPTY } from "../contents";
import { VesselId } from "../ids";
import { mixQuality, type Quality, UNKNOWN_QUALITY } from "../quality";
import { LOCKED_OUT_CALLED, LockedOut } from "../schema/lockedOut";
import { Forecast, Measured } from "../schema/quantities";
import { RecipePart } from "../schema/recipe";
import { pourIn, qualityFrom, takeOut } from "../transfer";
import { flow, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** Several poured together into one. */
export const blend = defineKind({
  kind: "blend",
  title: "Blended",
  version: 1,
  upcast: {},
  data: z.object({
    to: VesselId,
    parts: z
      .array(z.object({ from: VesselId, amount: Measured, rinse: z.boolean().optional() }))
      .min(1)
      .max(10),
    /** The mix that this is a step towards, by shares of fluids: what an engine's gate judges. */
    aim: z.array(RecipePart).max(12).optional(),
    forecast: Forecast.optional(),
    lockedOut: LockedOut,
  }),
  moves: ({ to, parts }) => parts.map((p) => flow("blend", p.from, to, p.amount)),
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { to, parts } }) {
    let poured = EMPTY;
    let quality: Quality | null = null;
    for (const part of parts) {
      const like = qualityFrom(yard, part.from);
      const taken = takeOut(yard, part.from, part.amount, happenedAt);
      if (!taken.ok) return taken.error;
      quality = mixQuality(quality, like, happenedAt, { there: poured.total, poured: taken.value.total });
      poured = add(poured, taken.value, yard.parts);
    }
    pourIn(yard, to, poured, happenedAt, { quality: quality ?? UNKNOWN_QUALITY });
    return undefined;
  },
  called: {
    to: "Into",
    "parts.from": "From",
    "parts.amount.litres": "Litres",
    "parts.amount.celsius": "Read at",
    "parts.rinse": "Tools were rinsed with it",
    aim: null,
    forecast: null,
    lockedOut: LOCKED_OUT_CALLED,
  },
});
