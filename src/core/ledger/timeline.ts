import { applyEntry } from "./apply";
import type { EntryId } from "./ids";
import { byTime, liveEntries, targetOf } from "./live";
import type { Entry } from "./schema/entry";
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
  readonly snapshots: readonly Snapshot[];
  readonly head: YardState;
}

export function buildTimeline(entries: readonly Entry[]): Timeline {
  const byId = new Map(entries.map((e) => [e.id, e]));
  return replay(byId, liveEntries([...byId.values()]), [], { count: 0, yard: emptyYard() });
}

/** A timeline with one more entry. The last in time is only applied; an older one replays from the copy before it. */
export function appendEntry(t: Timeline, entry: Entry): Timeline {
  const byId = t.byId.set(entry.id, entry);
  const last = t.live.at(-1);
  if (targetOf(entry) === undefined && (!last || byTime(last, entry) < 0)) {
    const head = copyYard(t.head);
    applyEntry(head, entry);
    return { byId, live: [...t.live, entry], snapshots: t.snapshots, head };
  }
  const live = liveEntries([...byId.values()]);
  let same = 0;
  while (same < live.length && live[same]?.id === t.live[same]?.id) same++;
  const kept = t.snapshots.filter((s) => s.count <= same);
  return replay(byId, live, kept, kept.at(-1) ?? { count: 0, yard: emptyYard() });
}

/** Takes the entry back out, as if it had never been offered: for an entry that turned out to be refused. */
export function forget(t: Timeline, id: EntryId): void {
  t.byId.delete(id);
}

/** The yard as it stood at a time, inclusive. */
export function yardAt(t: Timeline, at: string): YardState {
  let count = t.live.length;
  while (count > 0 && (t.live[count - 1]?.happenedAt ?? "") > at) count--;
  if (count === t.live.length) return t.head;
  const start = t.snapshots.filter((s) => s.count <= count).at(-1);
  const yard = start ? copyYard(start.yard) : emptyYard();
  for (let i = start?.count ?? 0; i < count; i++) {
    const entry = t.live[i];
    if (entry) applyEntry(yard, entry);
  }
  return yard;
}

function replay(
  byId: Map<EntryId, Entry>,
  live: readonly Entry[],
  kept: readonly Snapshot[],
  from: Snapshot,
): Timeline {
  const head = copyYard(from.yard);
  const snapshots = [...kept];
  for (let i = from.count; i < live.length; i++) {
    const entry = live[i];
    if (entry) applyEntry(head, entry);
    if ((i + 1) % SNAPSHOT_EVERY === 0) snapshots.push({ count: i + 1, yard: copyYard(head) });
  }
  return { byId, live, snapshots, head };
}
