import { serialize } from "node:v8";
import { appendEntries, buildTimeline, type Entry, EntryId, type Timeline, yardAt } from "@/core/ledger";
import { ReadingMemo } from "@/core/readings";
import { changeOf, viewYard } from "@/core/view";
import { time } from "./timing";

const YEAR_MS = 365 * 86_400_000;

/** What is felt of a yard of this size: opening it, one pour, a slip of years ago put right; and what it weighs. */
export interface ViewFigures {
  /** With nothing remembered; the first of all, before anything is compiled, apart. */
  readonly coldViewMs: number;
  readonly firstViewMs: number;
  /** A pour appended, and the view of it. */
  readonly appendMs: number;
  readonly viewAfterPourMs: number;
  readonly bytesToPage: number;
  readonly wholeBytes: number;
  readonly backdatedYearsMs: number;
  readonly timelineHeapMB: number;
}

export const VIEW_TARGETS = {
  20000: { coldViewMs: 120, viewAfterPourMs: 5, bytesToPage: 40_000, backdatedYearsMs: 300, timelineHeapMB: 20 },
  100000: { coldViewMs: 700, viewAfterPourMs: 15, bytesToPage: 40_000, backdatedYearsMs: 1500, timelineHeapMB: 80 },
} as const;

const heapMB = (): number => {
  globalThis.gc?.();
  return process.memoryUsage().heapUsed / 1e6;
};

/** `entries` are held before and after, so the heap that is measured is the timeline's own. */
export function viewFigures(entries: readonly Entry[], endMs: number): ViewFigures {
  const now = new Date(endMs + 60_000).toISOString();
  const before = heapMB();
  let timeline = buildTimeline(entries);
  const timelineHeapMB = heapMB() - before;
  const cold = time(7, () => void viewYard(timeline.head, now));
  const memo = new ReadingMemo();
  let view = viewYard(timeline.head, now, memo);
  const appends: number[] = [];
  const views: number[] = [];
  let bytes = 0;
  for (let i = 0; i < 15; i++) {
    appends.push(time(1, () => (timeline = poured(timeline, i, endMs))).firstMs);
    const old = view;
    views.push(time(1, () => (view = viewYard(yardAt(timeline, now), now, memo))).firstMs);
    bytes = Math.max(bytes, serialize(changeOf(old, view, i, i + 1)).byteLength);
  }
  const late = pour(timeline, 99, endMs - 2 * YEAR_MS);
  const backdatedYearsMs = time(1, () => void appendEntries(timeline, [late])).firstMs;
  return {
    coldViewMs: cold.medianMs,
    firstViewMs: cold.firstMs,
    appendMs: middle(appends),
    viewAfterPourMs: middle(views),
    bytesToPage: bytes,
    wholeBytes: serialize(changeOf(null, view, null, 1)).byteLength,
    backdatedYearsMs,
    timelineHeapMB,
  };
}

const middle = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[all.length >> 1] ?? Number.NaN;

const poured = (t: Timeline, i: number, endMs: number): Timeline => appendEntries(t, [pour(t, i, endMs + 1000 + i)]);

/** A spoonful from the fullest settling drum into the emptiest heel tub or drum. */
function pour(t: Timeline, i: number, atMs: number): Entry {
  const standing = [...t.head.vessels.values()];
  const from = standing
    .filter((v) => v.vessel.role === "settling")
    .sort((a, b) => b.contents.total - a.contents.total)[0];
  const to = standing
    .filter((v) => v.vessel.role === "heel" || v.vessel.role === "settling")
    .filter((v) => v !== from)
    .sort((a, b) => a.contents.total - b.contents.total)[0];
  if (!from || !to) throw new Error("nothing to pour");
  const at = new Date(atMs).toISOString();
  return {
    id: EntryId.parse(`zz-pour-${i}`),
    v: 1,
    happenedAt: at,
    recordedAt: at,
    device: "bench",
    kind: "move",
    data: { from: from.vessel.id, to: to.vessel.id, amount: { litres: 0.01 }, layer: "mixed" },
  };
}
