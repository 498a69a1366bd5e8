import type { Entry } from "./entry";
import type { EntryId } from "./ids";

type Written = Pick<Entry, "id" | "recordedAt" | "counter">;

/**
 * Order of writing: by the writers' counters, which no clock can turn back; entries from before there were counters come
 * first, by their clocks. Two devices that knew nothing of each other may share a counter: then clock and id decide.
 */
export const byRecord = (a: Written, b: Written): number =>
  (a.counter ?? 0) - (b.counter ?? 0) || compare(a.recordedAt, b.recordedAt) || compare(a.id, b.id);

type Known = ReadonlyMap<EntryId, Entry>;

/**
 * The entry whose place among those of one moment another keeps: a correction that leaves the time alone stands where
 * what it corrects stood, since what came after that in the same minute may rest on it.
 */
function placeOf(entry: Entry, known: Known): Entry {
  let place = entry;
  while (place.replaces !== undefined) {
    const corrected = known.get(place.replaces);
    // Written before it, or a forged circle would never end.
    if (!corrected || corrected.happenedAt !== entry.happenedAt || byRecord(corrected, place) >= 0) break;
    place = corrected;
  }
  return place;
}

/** Time order of what happened; ties in the order of writing, so every device sorts alike. */
export const byTime =
  (known: Known) =>
  (a: Entry, b: Entry): number =>
    compare(a.happenedAt, b.happenedAt) || byRecord(placeOf(a, known), placeOf(b, known)) || byRecord(a, b);

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The entry that a void or a correction speaks of. */
export const targetOf = (entry: Entry): EntryId | undefined =>
  entry.kind === "void" ? entry.data.entry : entry.replaces;

/**
 * Ids of the entries that no longer count. Whatever was written last decides: a void of a void brings its target back,
 * and of all corrections of one entry, a correction of a correction too, the last that is not void stands. Read from the
 * last written to the first, so that a void can only reach back and a circle cannot arise.
 */
export function deadIds(entries: Iterable<Entry>): Set<EntryId> {
  const pointers = [...entries].filter((e) => targetOf(e) !== undefined).sort(byRecord);
  const originalOf = originals(pointers);
  const dead = new Set<EntryId>();
  const corrected = new Set<EntryId>();
  for (let i = pointers.length - 1; i >= 0; i--) {
    const entry = pointers[i];
    const target = entry && targetOf(entry);
    if (!entry || !target || dead.has(entry.id)) continue;
    if (entry.replaces === undefined) {
      dead.add(target);
      continue;
    }
    const original = originalOf.get(entry.id) ?? target;
    if (corrected.has(original) || corrected.has(target)) dead.add(entry.id);
    else
      for (const id of [original, target]) {
        corrected.add(id);
        dead.add(id);
      }
  }
  return dead;
}

/** What each correction goes back to, through all that were corrected in between; of what was written before it only. */
function originals(pointers: readonly Entry[]): Map<EntryId, EntryId> {
  const found = new Map<EntryId, EntryId>();
  for (const { id, replaces } of pointers) if (replaces !== undefined) found.set(id, found.get(replaces) ?? replaces);
  return found;
}

/** The entries that count, in time order. */
export function liveEntries(entries: readonly Entry[]): Entry[] {
  const dead = deadIds(entries);
  const known = new Map(entries.map((e) => [e.id, e]));
  return entries.filter((e) => e.kind !== "void" && !dead.has(e.id)).sort(byTime(known));
}
