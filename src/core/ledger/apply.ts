import { isFluidId } from "../fluids";
import { holdsLitres } from "../vessels";
import { type Definitions, missingThing, type ThingKey, thingKey } from "./definitions";
import type { Draft, Entry } from "./entry";
import { flowsOf, kindOf, vesselsOf } from "./entry";
import type { Flaw } from "./errors";
import { EntryId } from "./ids";
import type { Vessel } from "./kinds/vessel";
import type { VesselState, YardState } from "./state";

/**
 * Applies one entry to a yard that the caller owns, in place: building 20,000 entries may not copy 20,000 yards.
 * All or nothing: an entry with a flaw moves nothing and leaves its fault in the open. What it names and is only
 * written down later is there from now on.
 */
export function applyEntry(yard: YardState, entry: Entry, definitions: Definitions): void {
  yard.entries += 1;
  yard.firstAt ??= entry.happenedAt;
  const wrong = applied(yard, entry, definitions);
  if (!wrong && entry.despite) keepWords(yard, entry, entry.despite);
  const flaw = wrong ?? overfilled(yard, entry);
  if (flaw) yard.faults.push({ ...flaw, entry: entry.id });
}

/** What was said against it stands on the vessels that it went into, or is about, until that is worked off. */
function keepWords(yard: YardState, entry: Entry, despite: readonly string[]): void {
  const about = entry.kind === "vessel" ? [entry.data.id] : flowsOf(entry).map((f) => f.to);
  for (const id of new Set(about)) {
    const state = id === null ? undefined : yard.vessels.get(id);
    if (!state || state.contents.total === 0) continue;
    const before = state.overridden.filter((o) => !despite.includes(o.code));
    const added = despite.map((code) => ({ code, at: entry.happenedAt, entry: entry.id }));
    yard.vessels.set(state.vessel.id, { ...state, overridden: [...before, ...added] });
  }
}

/** As a draft would be once it is written: applied in place, so that what it makes can be looked at. */
export function applyDraft(yard: YardState, draft: Draft, at: string, definitions: Definitions): void {
  const asEntry = { ...draft, id: DRAFT_ID, v: 1, happenedAt: at, recordedAt: at, device: "~" } as Entry;
  // A void and what it takes back are judged by the yards on both sides of it.
  if (draft.kind !== "void") applyEntry(yard, asEntry, definitions);
}

const DRAFT_ID = EntryId.parse("~draft");

/** What a draft speaks of and is only written down later is there for it: oil stood in drums before there was a book. */
export function bringForwardAll(yard: YardState, draft: Draft, at: string, definitions: Definitions): void {
  for (const id of vesselsOf(draft))
    if (!yard.vessels.has(id)) bringForward(yard, thingKey("vessel", id), at, definitions);
  const { vehicle, batch } = draft.data as { readonly vehicle?: string; readonly batch?: string };
  if (vehicle !== undefined) bringForward(yard, thingKey("vehicle", vehicle), at, definitions);
  if (batch !== undefined) bringForward(yard, thingKey("batch", batch), at, definitions);
}

/** A rim is nominal: a vessel takes a hundredth more than its shape says. */
const RIM_SLACK = 1.01;

/**
 * A vessel that holds more than it can, and more than before: what was poured is kept, since it was poured, and that it
 * cannot have fitted stands in the open. A stick that finds more says that the shape is wrong, and not that it ran over.
 */
function overfilled(yard: YardState, entry: Entry): Flaw | undefined {
  for (const { to, how } of flowsOf(entry)) {
    const state = to === null || how === "count" ? undefined : yard.vessels.get(to);
    if (!state || state.contents.total <= litresBefore(yard, state)) continue;
    const capacity = holds(state.vessel);
    // One whose measures cannot be is not known to hold anything.
    if (capacity > 0 && state.contents.total > capacity * RIM_SLACK)
      return { code: "overfilled", vessel: state.vessel.id, overLitres: state.contents.total - capacity };
  }
  return undefined;
}

const litresBefore = (yard: YardState, state: VesselState): number =>
  yard.undo.find((s) => s.vessel.id === state.vessel.id)?.contents.total ?? Number.POSITIVE_INFINITY;

/** Asked at every pour, and the same until its owner measures it again. */
const held = new WeakMap<Vessel, number>();
function holds(vessel: Vessel): number {
  const known = held.get(vessel);
  if (known !== undefined) return known;
  const litres = holdsLitres(vessel);
  held.set(vessel, litres);
  return litres;
}

function applied(yard: YardState, entry: Entry, definitions: Definitions): Flaw | undefined {
  for (;;) {
    const flaw = tried(yard, entry);
    const missing = flaw && missingThing(flaw);
    if (missing === undefined || !bringForward(yard, missing, entry.happenedAt, definitions)) return flaw;
  }
}

function tried(yard: YardState, entry: Entry): Flaw | undefined {
  yard.undo.length = 0;
  const { standings, gumBatches } = yard;
  const flaw = vesselFlaw(yard, entry) ?? fluidFlaw(yard, entry) ?? kindOf(entry.kind).apply(yard, entry);
  if (!flaw) return undefined;
  yard.standings = standings;
  yard.gumBatches = gumBatches;
  for (const state of yard.undo.reverse()) yard.vessels.set(state.vessel.id, state);
  return flaw;
}

/** Puts a thing in the yard from its first use on, with what that in turn needs. False: nobody ever says what it is. */
function bringForward(yard: YardState, key: ThingKey, at: string, definitions: Definitions): boolean {
  const definition = definitions.get(key);
  if (!definition || yard.broughtForward.has(key)) return false;
  yard.broughtForward.add(key);
  applied(yard, { ...definition, happenedAt: at }, definitions);
  return true;
}

/** Every vessel that an entry names must be there, and nothing is poured into itself. */
function vesselFlaw(yard: YardState, entry: Entry): Flaw | undefined {
  for (const { how, from, to } of flowsOf(entry)) {
    if (from !== null && !yard.vessels.has(from)) return { code: "unknown-vessel", vessel: from };
    if (to !== null && !yard.vessels.has(to)) return { code: "unknown-vessel", vessel: to };
    if (from !== null && from === to && !STAYS.has(how)) return { code: "same-vessel", vessel: from };
  }
  const missing = kindOf(entry.kind)
    .speaksOf(entry.data)
    .find((id) => !yard.vessels.has(id));
  return missing === undefined ? undefined : { code: "unknown-vessel", vessel: missing };
}

/** A fluid of the yard's own is what its owner said it is: without that word there is nothing to reckon with. */
function fluidFlaw(yard: YardState, entry: Entry): Flaw | undefined {
  for (const { fresh } of flowsOf(entry))
    for (const { component } of fresh ?? [])
      if (isFluidId(component) && !yard.fluids[component]) return { code: "unknown-fluid", fluid: component };
  return undefined;
}

/** Done to oil where it stands. */
const STAYS: ReadonlySet<string> = new Set(["heat", "react", "neutralise"]);
