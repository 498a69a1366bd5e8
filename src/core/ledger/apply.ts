import { isFluidId } from "../fluids";
import { type Definitions, missingThing, type ThingKey } from "./definitions";
import type { Entry } from "./entry";
import { flowsOf, kindOf } from "./entry";
import type { Flaw } from "./errors";
import type { YardState } from "./state";

/**
 * Applies one entry to a yard that the caller owns, in place: building 20,000 entries may not copy 20,000 yards.
 * All or nothing: an entry with a flaw moves nothing and leaves its fault in the open. What it names and is only
 * written down later is there from now on.
 */
export function applyEntry(yard: YardState, entry: Entry, definitions: Definitions): void {
  yard.entries += 1;
  yard.firstAt ??= entry.happenedAt;
  const flaw = applied(yard, entry, definitions);
  if (flaw) yard.faults.push({ ...flaw, entry: entry.id });
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
  const { standings } = yard;
  const flaw = vesselFlaw(yard, entry) ?? fluidFlaw(yard, entry) ?? kindOf(entry.kind).apply(yard, entry);
  if (!flaw) return undefined;
  yard.standings = standings;
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
const STAYS: ReadonlySet<string> = new Set(["heat", "react"]);
