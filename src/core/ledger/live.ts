import type { Entry } from "./entry";
import type { EntryId } from "./ids";

type Written = Pick<Entry, "id" | "recordedAt" | "counter">;

/**
 * Order of writing: by the writers' counters, which no clock can turn back; entries from before there were counters come
 * first, by their clocks. Two devices that knew nothing of each other may share a counter: then clock and id decide.
 */
export const byRecord = (a: Written, b: Written): number =>
  (a.counter ?? 0) - (b.counter ?? 0) || compare(a.recordedAt, b.recordedAt) || compare(a.id, b.id);

/** Time order of what happened; ties in the order of writing, so every device sorts alike. */
export const byTime = (a: Entry, b: Entry): number => compare(a.happenedAt, b.happenedAt) || byRecord(a, b);

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The entry that a void or a correction speaks of. */
export const targetOf = (entry: Entry): EntryId | undefined =>
  entry.kind === "void" ? entry.data.entry : entry.replaces;

/**
 * Ids of the entries that no longer count. Whatever was written last decides: a void of a void brings its target
 * back, and of two corrections of one entry the later stands. Read from the last written to the first, so that a void
 * can only reach back and a circle cannot arise.
 */
export function deadIds(entries: Iterable<Entry>): Set<EntryId> {
  const pointers = [...entries].filter((e) => targetOf(e) !== undefined).sort(byRecord);
  const dead = new Set<EntryId>();
  const corrected = new Set<EntryId>();
  for (let i = pointers.length - 1; i >= 0; i--) {
    const entry = pointers[i];
    const target = entry && targetOf(entry);
    if (!entry || !target || dead.has(entry.id)) continue;
    if (entry.replaces !== undefined) {
      if (corrected.has(target)) {
        dead.add(entry.id);
        continue;
      }
      corrected.add(target);
    }
    dead.add(target);
  }
  return dead;
}

/** The entries that count, in time order. */
export function liveEntries(entries: readonly Entry[]): Entry[] {
  const dead = deadIds(entries);
  return entries.filter((e) => e.kind !== "void" && !dead.has(e.id)).sort(byTime);
}
