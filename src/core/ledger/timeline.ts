import { applyEntry } from "./apply";
import { type Definitions, definitionsOf, missingThing, type ThingKey } from "./definitions";
import type { Entry } from "./entry";
import type { EntryId } from "./ids";
import { byTime, deadIds, liveEntries, targetOf } from "./live";
import { copyYard, emptyYard, type YardState } from "./state";

const SNAPSHOT_EVERY = 1000;

interface Snapshot {
  /** How many live entries it holds. */
  readonly count: number;
  readonly yard: YardState;
}

/** The entries of a yard with what makes asking them fast: live ones in order, and a copy of the yard now and then. */
export interface Timeline {
  readonly byId: Map<EntryId, Entry>;
  readonly live: readonly Entry[];
  readonly definitions: Definitions;
  readonly snapshots: readonly Snapshot[];
  readonly head: YardState;
}

const START = (): Snapshot => ({ count: 0, yard: emptyYard() });

export function buildTimeline(entries: readonly Entry[]): Timeline {
  const byId = new Map(entries.map((e) => [e.id, e]));
  const live = liveEntries([...byId.values()]);
  return replay({ byId, live, definitions: definitionsOf(live) }, [], START());
}

/**
 * A timeline with some more entries. Those last in time are only applied; older ones, voids and corrections replay from
 * the copy before them.
 */
export function appendEntries(t: Timeline, entries: readonly Entry[]): Timeline {
  for (const entry of entries) t.byId.set(entry.id, entry);
  const { byId } = t;
  const inTime = byTime(byId);
  const added = [...entries].sort(inTime);
  const last = t.live.at(-1);
  const first = added[0];
  const points = added.some((e) => targetOf(e) !== undefined);
  const isLast = !points && first !== undefined && (!last || inTime(last, first) < 0);
  const definitions = isLast ? definitionsOf(added, t.definitions) : null;
  if (definitions && !reachesBack(t, definitions)) {
    const head = copyYard(t.head);
    for (const entry of added) applyEntry(head, entry, definitions);
    return { byId, live: [...t.live, ...added], definitions, snapshots: t.snapshots, head };
  }
  const live = points ? liveAmong(t, added) : merged(t.live, added, inTime);
  const next = { byId, live, definitions: definitionsOf(live) };
  if (reachesBack(t, next.definitions)) return replay(next, [], START());
  let same = 0;
  while (same < live.length && live[same] === t.live[same]) same++;
  const kept = t.snapshots.filter((s) => s.count <= same);
  return replay(next, kept, kept.at(-1) ?? START());
}

/** Whether what is now said of some thing changes what lies before that: it was used before, or was missing. */
function reachesBack(t: Timeline, next: Definitions): boolean {
  if (next === t.definitions) return false;
  const missing = new Set(t.head.faults.map(missingThing));
  const concerns = (key: ThingKey): boolean => t.head.broughtForward.has(key) || missing.has(key);
  return [...new Set([...t.definitions.keys(), ...next.keys()])].some(
    (key) => t.definitions.get(key) !== next.get(key) && concerns(key),
  );
}

/** Those that count after some were voided, corrected or brought back; sorting them all anew costs far more. */
function liveAmong(t: Timeline, added: readonly Entry[]): Entry[] {
  const dead = deadIds(t.byId.values());
  const before = new Set(t.live);
  const counts = (e: Entry): boolean => e.kind !== "void" && !dead.has(e.id);
  const back = [...t.byId.values()].filter((e) => !before.has(e) && counts(e));
  const fresh = back.length > 0 ? back.sort(byTime(t.byId)) : added.filter(counts);
  return merged(t.live.filter(counts), fresh, byTime(t.byId));
}

type Order = (a: Entry, b: Entry) => number;

/** Two lists in time order, as one. */
function merged(a: readonly Entry[], b: readonly Entry[], order: Order): Entry[] {
  const out: Entry[] = [];
  let i = 0;
  for (const next of b) {
    const upTo = firstAfter(a, next, i, order);
    for (; i < upTo; i++) out.push(a[i] as Entry);
    out.push(next);
  }
  for (; i < a.length; i++) out.push(a[i] as Entry);
  return out;
}

/** Index of the first entry, from `low` on, that comes after `next`. */
function firstAfter(sorted: readonly Entry[], next: Entry, from: number, order: Order): number {
  let low = from;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (order(sorted[middle] as Entry, next) < 0) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Takes entries back out, as if they had never been offered: for those that turned out to be refused. */
export function forget(t: Timeline, ids: Iterable<EntryId>): void {
  for (const id of ids) t.byId.delete(id);
}

/** The yard as it stood at a time, inclusive. */
export function yardAt(t: Timeline, at: string): YardState {
  let count = t.live.length;
  while (count > 0 && (t.live[count - 1]?.happenedAt ?? "") > at) count--;
  if (count === t.live.length) return t.head;
  const start = t.snapshots.filter((s) => s.count <= count).at(-1) ?? START();
  const yard = copyYard(start.yard);
  for (let i = start.count; i < count; i++) applyEntry(yard, t.live[i] as Entry, t.definitions);
  return yard;
}

/**
 * How many of the first entries two timelines of one yard have alike: what stands before them is the same in both. A thing
 * that is described anew may reach back to its first use, and then nothing is.
 */
export function partsAt(before: Timeline, after: Timeline): number {
  if (before.definitions !== after.definitions && reachesBack(before, after.definitions)) return 0;
  const { live } = after;
  let same = 0;
  while (same < live.length && same < before.live.length && live[same] === before.live[same]) same++;
  return same;
}

/** A yard of the caller's own, as it stood before the entry of that number; and the entries from there on. */
export function walkFrom(t: Timeline, index: number): { readonly yard: YardState; readonly rest: readonly Entry[] } {
  const rest = t.live.slice(index);
  if (rest.length === 0) return { yard: copyYard(t.head), rest };
  const start = t.snapshots.filter((s) => s.count <= index).at(-1) ?? START();
  const yard = copyYard(start.yard);
  for (let i = start.count; i < index; i++) applyEntry(yard, t.live[i] as Entry, t.definitions);
  return { yard, rest };
}

function replay(
  entries: Pick<Timeline, "byId" | "live" | "definitions">,
  kept: readonly Snapshot[],
  from: Snapshot,
): Timeline {
  const { live, definitions } = entries;
  const head = copyYard(from.yard);
  let snapshots = [...kept];
  for (let i = from.count; i < live.length; i++) {
    applyEntry(head, live[i] as Entry, definitions);
    if ((i + 1) % SNAPSHOT_EVERY !== 0) continue;
    snapshots = thinned([...snapshots, { count: i + 1, yard: copyYard(head) }]);
  }
  return { ...entries, snapshots, head };
}

/**
 * Copies lie the further apart the older they are: what is backdated by a day costs a day's replay, by a year a year's,
 * and a hundred thousand entries keep a dozen copies instead of a hundred.
 */
function thinned(snapshots: readonly Snapshot[]): Snapshot[] {
  const head = snapshots.at(-1)?.count ?? 0;
  const kept: Snapshot[] = [];
  for (let i = snapshots.length - 1; i >= 0; i--) {
    const here = snapshots[i] as Snapshot;
    const newer = kept.at(-1);
    const older = snapshots[i - 1];
    const close = newer && older && newer.count - older.count <= head - newer.count;
    if (!close) kept.push(here);
  }
  return kept.reverse();
}
