import * as z from "../../zod";
import { PlaceId, RoundId, SourceId } from "../ids";
import { Kilometres, LitresOrNone, Money } from "../schema/quantities";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

const RoundSchema = z.object({
  id: RoundId,
  by: PlaceId.nullable(),
  ends: z.enum(["home", "start", "last-stop"]).optional(),
  stops: z
    .array(z.object({ source: SourceId, litres: LitresOrNone }))
    .min(1)
    .max(60)
    .refine((stops) => new Set(stops.map((s) => s.source)).size === stops.length, "a stop twice"),
  forecast: z.object({ km: Kilometres, hours: z.number().min(0), litres: LitresOrNone, value: Money }).optional(),
});
export type Round = z.infer<typeof RoundSchema>;

/** A round set off on: who is to be visited, in which order, and what was expected of each. */
export const round = defineKind({
  kind: "round",
  title: "Round",
  version: 1,
  upcast: {},
  data: RoundSchema,
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data }) {
    const missing = data.stops.find((s) => !yard.sources.has(s.source));
    if (missing) return { code: "unknown-source", source: missing.source };
    if (data.by !== null && !yard.places.has(data.by)) return { code: "unknown-place", place: data.by };
    yard.rounds.set(data.id, {
      round: data,
      startedAt: happenedAt,
      endedAt: null,
      km: null,
      minutes: null,
      called: new Map(),
    });
    return undefined;
  },
  called: {
    id: null,
    by: null,
    ends: ["Ends", { home: "At home", start: "Where it began", "last-stop": "At the last stop" }],
    "stops.source": "Stop",
    "stops.litres": "Expected there",
    forecast: null,
  },
});
