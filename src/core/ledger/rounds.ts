import type { ComponentId } from "../fluids";
import type { Fault } from "./errors";
import type { EntryId, PlaceId, RoundId, SourceId } from "./ids";
import type { EntryOf } from "./schema/entry";
import type { Visit, YardState } from "./state";
import { book, bringIn, pourIn } from "./transfer";

/** Entries of the road: what was taken at a source, why nothing was, and the round they belong to. */

export function pickup(yard: YardState, entry: EntryOf<"pickup">): Fault | undefined {
  const { source, to, fluid, amount, muck, look, check, leftLitres, paid, round } = entry.data;
  const from = yard.sources.get(source);
  if (!from) return { code: "unknown-source", source, entry: entry.id };
  const fault = roundFault(yard, round, entry.id);
  if (fault) return fault;
  const water = (muck.water ?? 0) * amount.litres;
  const sludge = (muck.sludge ?? 0) * amount.litres;
  const fat = (muck["fryer-fat"] ?? 0) * amount.litres;
  const parts: [ComponentId, number][] = [
    [fluid, amount.litres - water - sludge - fat],
    ["water", water],
    ["sludge", sludge],
    ["fryer-fat", fat],
  ];
  const poured = bringIn(yard, parts, amount.celsius, entry.id);
  pourIn(yard, to, poured, entry.happenedAt, { celsius: amount.celsius, filteredUm: null });
  book(yard, "collected", poured);
  yard.origins.set(entry.id, {
    kind: "pickup",
    at: entry.happenedAt,
    source,
    muckShare: (water + sludge + fat) / amount.litres,
  });
  const visit: Visit = {
    at: entry.happenedAt,
    outcome: "taken",
    litres: poured.total,
    muckLitres: water + sludge + fat,
    leftLitres: leftLitres ?? 0,
    look: check?.look ?? look ?? null,
    reason: "",
    round: round ?? null,
    entries: [entry.id],
  };
  // Spelled out: thousands of these are made, and a spread is several times slower.
  yard.sources.set(source, {
    source: from.source,
    knownSince: from.knownSince,
    pickups: from.pickups + 1,
    litres: from.litres + poured.total,
    lastAt: entry.happenedAt,
    lastLitres: poured.total,
    visits: withVisit(from.visits, visit),
    paid: from.paid + (paid ?? 0),
    roundKm: from.roundKm,
    bagsChanged: from.bagsChanged,
    bagsWashed: from.bagsWashed,
    bagMoney: from.bagMoney,
    photo: from.photo,
  });
  callAt(yard, round, source, poured.total);
  return undefined;
}

export function visit(yard: YardState, entry: EntryOf<"visit">): Fault | undefined {
  const { source, outcome, check, reason, round } = entry.data;
  const from = yard.sources.get(source);
  if (!from) return { code: "unknown-source", source, entry: entry.id };
  const fault = roundFault(yard, round, entry.id);
  if (fault) return fault;
  const call: Visit = {
    at: entry.happenedAt,
    outcome,
    litres: 0,
    muckLitres: 0,
    leftLitres: 0,
    look: check?.look ?? null,
    reason,
    round: round ?? null,
    entries: [entry.id],
  };
  yard.sources.set(source, { ...from, visits: withVisit(from.visits, call) });
  callAt(yard, round, source, 0);
  return undefined;
}

export function round(yard: YardState, entry: EntryOf<"round">): Fault | undefined {
  const { id, by, stops } = entry.data;
  const missing = stops.find((s) => !yard.sources.has(s.source));
  if (missing) return { code: "unknown-source", source: missing.source, entry: entry.id };
  if (by !== null && !yard.places.has(by)) return { code: "unknown-place", place: by, entry: entry.id };
  const startedAt = entry.happenedAt;
  yard.rounds.set(id, { round: entry.data, startedAt, endedAt: null, km: null, minutes: null, called: new Map() });
  return undefined;
}

/** A round's kilometres are shared among the sources that gave oil on it, by litres. */
export function roundEnd(yard: YardState, entry: EntryOf<"round-end">): Fault | undefined {
  const { round: id, km, minutes, standsAt } = entry.data;
  const fault = roundFault(yard, id, entry.id);
  if (fault) return fault;
  const state = yard.rounds.get(id);
  if (!state) return undefined;
  yard.rounds.set(id, { ...state, endedAt: entry.happenedAt, km: km ?? null, minutes: minutes ?? null });
  if (standsAt !== undefined) stand(yard, state.round.by, standsAt);
  const litres = [...state.called.values()].reduce((sum, l) => sum + l, 0);
  for (const [source, taken] of state.called) {
    const known = yard.sources.get(source);
    if (!known || taken === 0 || km === undefined) continue;
    yard.sources.set(source, { ...known, roundKm: known.roundKm + (km * taken) / litres });
  }
  return undefined;
}

function stand(yard: YardState, by: PlaceId | null, at: "home" | { readonly source: SourceId }): void {
  const place = by === null ? undefined : yard.places.get(by);
  if (!place) return;
  const { spot: _, ...home } = place;
  const spot = at === "home" ? undefined : yard.sources.get(at.source)?.source.spot;
  yard.places.set(place.id, spot ? { ...home, spot } : home);
}

function roundFault(yard: YardState, id: RoundId | undefined, entry: EntryId): Fault | undefined {
  if (id === undefined) return undefined;
  const state = yard.rounds.get(id);
  if (!state) return { code: "unknown-round", round: id, entry };
  return state.endedAt === null ? undefined : { code: "round-over", round: id, entry };
}

function callAt(yard: YardState, id: RoundId | undefined, source: SourceId, litres: number): void {
  const state = id === undefined ? undefined : yard.rounds.get(id);
  if (!state) return;
  const called = new Map(state.called).set(source, (state.called.get(source) ?? 0) + litres);
  yard.rounds.set(state.round.id, { ...state, called });
}

/** At least so many are kept; cut down to them only now and then, so that a visit is one copy. */
const VISITS_KEPT = 36;
const VISITS_BEFORE_CUT = 60;
const ONE_STOP_MS = 6 * 3_600_000;

/** Containers filled at one stop follow one another closely: they are one visit. */
function withVisit(visits: readonly Visit[], next: Visit): readonly Visit[] {
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
