import * as z from "../../zod";
import { RoundId, SourceId } from "../ids";
import { CHECK_CALLED, CheckSchema } from "../schema/check";
import type { Visit } from "../state";
import { callAt, roundFlaw, withVisit } from "../visits";
import { VISIT_OUTCOMES } from "../words";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

/** A stop at which nothing was taken, and why. */
export const visit = defineKind({
  kind: "visit",
  title: "Visit",
  version: 1,
  upcast: {},
  data: z.object({
    source: SourceId,
    outcome: z.enum(["refused", "closed", "nothing"]),
    check: CheckSchema.optional(),
    reason: z.string().trim().max(200).meta({ is: "text" }).optional(),
    round: RoundId.optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { id, happenedAt, data: { source, outcome, check, reason, round } }) {
    const from = yard.sources.get(source);
    if (!from) return { code: "unknown-source", source };
    const flaw = roundFlaw(yard, round);
    if (flaw) return flaw;
    const call: Visit = {
      at: happenedAt,
      outcome,
      litres: 0,
      muckLitres: 0,
      leftLitres: 0,
      look: check?.look ?? null,
      reason: reason ?? "",
      round: round ?? null,
      entries: [id],
    };
    yard.sources.set(source, { ...from, visits: withVisit(from.visits, call) });
    callAt(yard, round, source, 0);
    return undefined;
  },
  called: {
    source: "Where",
    outcome: ["Why", VISIT_OUTCOMES],
    ...CHECK_CALLED,
    reason: "What was wrong with it",
    round: null,
  },
});
