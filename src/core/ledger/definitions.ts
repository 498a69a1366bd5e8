import type { Entry } from "./entry";
import type { Flaw } from "./errors";

/** Kinds of entries that say what a thing is like, from then on. */
export const THING_KINDS = [
  "vessel",
  "source",
  "bag",
  "vehicle",
  "place",
  "cup",
  "fluid",
  "line",
  "recipe",
  "batch",
] as const;
export type ThingKind = (typeof THING_KINDS)[number];

/** A thing of the yard, by what it is and its id. */
export type ThingKey = `${ThingKind} ${string}`;
export const thingKey = (kind: ThingKind, id: string): ThingKey => `${kind} ${id}`;

/**
 * The first entry that counts of each thing's own. A thing is there from its first use, however late somebody wrote down
 * what it is: oil has stood in drums, and was fetched from kitchens, before there was a book.
 */
export type Definitions = ReadonlyMap<ThingKey, Entry>;

/** Where every thing has been said to be there before it is used. */
export const NO_DEFINITIONS: Definitions = new Map();

export function readThingKey(key: ThingKey): { readonly kind: ThingKind; readonly id: string } {
  const space = key.indexOf(" ");
  return { kind: key.slice(0, space) as ThingKind, id: key.slice(space + 1) };
}

const isThing = (kind: string): kind is ThingKind => (THING_KINDS as readonly string[]).includes(kind);

/** The thing that an entry says is so; none for entries of what happened. */
export function thingOf(entry: Entry): ThingKey | undefined {
  if (!isThing(entry.kind)) return undefined;
  return thingKey(entry.kind, (entry.data as { readonly id: string }).id);
}

/** Of entries in time order; `before` are those that count already and come before all of these. */
export function definitionsOf(live: readonly Entry[], before: Definitions = NO_DEFINITIONS): Definitions {
  let found: Map<ThingKey, Entry> | null = null;
  for (const entry of live) {
    const key = thingOf(entry);
    if (key === undefined || (found ?? before).has(key)) continue;
    found ??= new Map(before);
    found.set(key, entry);
  }
  return found ?? before;
}

/** The thing that a flaw says is not there. */
export function missingThing(flaw: Flaw): ThingKey | undefined {
  switch (flaw.code) {
    case "unknown-vessel":
      return thingKey("vessel", flaw.vessel);
    case "unknown-source":
      return thingKey("source", flaw.source);
    case "unknown-bag":
      return thingKey("bag", flaw.bag);
    case "unknown-vehicle":
      return thingKey("vehicle", flaw.vehicle);
    case "unknown-place":
      return thingKey("place", flaw.place);
    case "unknown-cup":
      return thingKey("cup", flaw.cup);
    case "unknown-fluid":
      return thingKey("fluid", flaw.fluid);
    case "unknown-recipe":
      return thingKey("recipe", flaw.recipe);
    case "unknown-batch":
      return thingKey("batch", flaw.batch);
    case "unknown-line":
      return thingKey("line", flaw.line);
    default:
      return undefined;
  }
}
