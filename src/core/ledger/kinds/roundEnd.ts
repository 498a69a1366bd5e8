import * as z from "../../zod";
import { type PlaceId, RoundId, SourceId } from "../ids";
import { Kilometres, Minutes } from "../schema/quantities";
import type { YardState } from "../state";
import { roundFlaw } from "../visits";
import { MOVES_NOTHING, SPEAKS_OF_NONE } from "./flow";
import { defineKind } from "./kind";

function stand(yard: YardState, by: PlaceId | null, at: "home" | { readonly source: SourceId }): void {
  const place = by === null ? undefined : yard.places.get(by);
  if (!place) return;
  const { spot: _, ...home } = place;
  const spot = at === "home" ? undefined : yard.sources.get(at.source)?.source.spot;
  yard.places.set(place.id, spot ? { ...home, spot } : home);
}

/** A round's kilometres are shared among the sources that gave oil on it, by litres. */
export const roundEnd = defineKind({
  kind: "round-end",
  title: "Round over",
  version: 1,
  upcast: {},
  data: z.object({
    round: RoundId,
    km: Kilometres.max(10_000).meta({ is: "km" }).optional(),
    minutes: Minutes.optional(),
    /** Where what drove it stands now; a traveller's next round starts there. */
    standsAt: z.union([z.literal("home"), z.object({ source: SourceId })]).optional(),
  }),
  moves: MOVES_NOTHING,
  speaksOf: SPEAKS_OF_NONE,
  apply(yard, { happenedAt, data: { round: id, km, minutes, standsAt } }) {
    const flaw = roundFlaw(yard, id);
    const state = yard.rounds.get(id);
    if (flaw || !state) return flaw;
    yard.rounds.set(id, { ...state, endedAt: happenedAt, km: km ?? null, minutes: minutes ?? null });
    if (standsAt !== undefined) stand(yard, state.round.by, standsAt);
    const litres = [...state.called.values()].reduce((sum, l) => sum + l, 0);
    for (const [source, taken] of state.called) {
      const known = yard.sources.get(source);
      if (!known || taken === 0 || km === undefined) continue;
      yard.sources.set(source, { ...known, roundKm: known.roundKm + (km * taken) / litres });
    }
    return undefined;
  },
  called: { round: null, km: "Driven", minutes: "Minutes under way", standsAt: null },
});
