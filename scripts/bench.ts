import { cpus } from "node:os";
import { viewYard } from "@/core/advice";
import { appendEntry, buildTimeline, type Entry, type EntryId, offerEntry, project } from "@/core/ledger";
import { bigYard } from "@/demo";
import { firstLoad } from "./firstLoad.mjs";

const END = Date.UTC(2026, 10, 24, 12);
const json = process.argv.includes("--json");

function median(times: number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;
}

function time(runs: number, work: () => void): { firstMs: number; medianMs: number } {
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return { firstMs: round(times[0] ?? Number.NaN), medianMs: round(median(times)) };
}

const round = (n: number): number => Math.round(n * 1000) / 1000;

const last = (entries: readonly Entry[]): Entry => {
  const e = entries.at(-1);
  if (!e) throw new Error("an empty yard");
  return e;
};

/** One more thermometer reading and one more pour, after the last entry: the usual append. */
function appended(entries: readonly Entry[]): { applyMs: number; offerMs: number; backdatedMs: number } {
  const timeline = buildTimeline(entries);
  const pickup = entries.find((e) => e.kind === "pickup");
  if (!pickup) throw new Error("no pickup");
  let n = 0;
  const next = (atMs: number): Entry =>
    ({
      ...pickup,
      id: `zz-${String(n++).padStart(5, "0")}` as EntryId,
      data: { ...pickup.data, amount: { litres: 0.01 } },
      happenedAt: new Date(atMs).toISOString(),
      recordedAt: new Date(END + n).toISOString(),
    }) as Entry;
  const endMs = Date.parse(last(entries).happenedAt) + 1000;
  const applyMs = time(30, () => void appendEntry(timeline, next(endMs))).medianMs;
  const offerMs = time(30, () => {
    const entry = next(endMs);
    const offered = offerEntry(timeline, entry, new Date(END + 3_600_000).toISOString());
    if (!offered.ok && offered.error.code !== "overfilled") throw new Error(offered.error.code);
  }).medianMs;
  const backdatedMs = time(5, () => void appendEntry(timeline, next(endMs - 7 * 86_400_000))).medianMs;
  return { applyMs, offerMs, backdatedMs };
}

const projection = [1_000, 10_000, 20_000, 100_000].map((count) => {
  const entries = bigYard(count, 1, END);
  const projected = time(count > 50_000 ? 3 : 7, () => void project(entries));
  const state = project(entries);
  const view = time(5, () => void viewYard(state, new Date(END).toISOString()));
  return {
    entries: count,
    ...projected,
    viewMs: view.medianMs,
    vessels: state.vessels.size,
    append: appended(entries),
  };
});
const result = {
  machine: { cpu: cpus()[0]?.model ?? "unknown", node: process.version },
  projection,
  firstLoadKiB: firstLoad(),
};

if (json) console.log(JSON.stringify(result, null, 2));
else {
  for (const p of projection)
    console.log(
      `${String(p.entries).padStart(7)} entries: project ${p.medianMs} ms (first ${p.firstMs}), append ${p.append.applyMs} ms, offer ${p.append.offerMs} ms, backdated a week ${p.append.backdatedMs} ms, view ${p.viewMs} ms, ${p.vessels} vessels`,
    );
  for (const [page, kib] of Object.entries(result.firstLoadKiB))
    console.log(`${kib.toFixed(1).padStart(7)} KiB first load  ${page}`);
}
