import { MS_PER_HOUR } from "../units";
import type { Flaw } from "./errors";
import type { RoundId, SourceId } from "./ids";
import type { Visit, YardState } from "./state";

/** Whether an entry may belong to a round: there is one of that name, and it is still being driven. */
export function roundFlaw(yard: YardState, id: RoundId | undefined): Flaw | undefined {
  if (id === undefined) return undefined;
  const state = yard.rounds.get(id);
  if (!state) return { code: "unknown-round", round: id };
  return state.endedAt === null ? undefined : { code: "round-over", round: id };
}

/** Notes on a round that a source was called at. */
export function callAt(yard: YardState, id: RoundId | undefined, source: SourceId, litres: number): void {
  const state = id === undefined ? undefined : yard.rounds.get(id);
  if (!state) return;
  const called = new Map(state.called).set(source, (state.called.get(source) ?? 0) + litres);
  yard.rounds.set(state.round.id, { ...state, called });
}

/** At least so many are kept; cut down to them only now and then, so that a visit is one copy. */
const VISITS_KEPT = 36;
const VISITS_BEFORE_CUT = 60;
const ONE_STOP_MS = 6 * MS_PER_HOUR;

/** Containers filled at one stop follow one another closely: they are one visit. */
export function withVisit(visits: readonly Visit[], next: Visit): readonly Visit[] {
  const last = visits.at(-1);
  const same =
    last?.outcome === "taken" &&
    next.outcome === "taken" &&
    last.round === next.round &&
    Date.parse(next.at) - Date.parse(last.at) < ONE_STOP_MS;
  if (!same) return [...(visits.length < VISITS_BEFORE_CUT ? visits : visits.slice(-VISITS_KEPT)), next];
  const joined: Visit = {
    ...next,
    litres: last.litres + next.litres,
    muckLitres: last.muckLitres + next.muckLitres,
    entries: [...last.entries, ...next.entries],
  };
  return [...visits.slice(0, -1), joined];
}
