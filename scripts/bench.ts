import { existsSync } from "node:fs";
import { cpus } from "node:os";
import { join } from "node:path";
import { appendEntries, buildTimeline, type Entry, type EntryId, offerEntry, project } from "@/core/ledger";
import { bigYard } from "@/demo";
import { acknowledged } from "./bench/acknowledged";
import { CLOSED_FORM_TARGET, heavy, rates } from "./bench/calculations";
import { heapGrowthKiB, serverGrowth } from "./bench/posts";
import { sliderTrace } from "./bench/slider";
import { time } from "./bench/timing";
import { VIEW_TARGETS, type ViewFigures, viewFigures } from "./bench/view";
import { firstLoad } from "./firstLoad.mjs";

const END = Date.UTC(2026, 10, 24, 12);
const json = process.argv.includes("--json");

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
  // Its round is over by the end of the yard.
  const { round: _, ...data } = pickup.data;
  let n = 0;
  const next = (atMs: number): Entry =>
    ({
      ...pickup,
      id: `zz-${String(n++).padStart(5, "0")}` as EntryId,
      data: { ...data, amount: { litres: 0.01 } },
      happenedAt: new Date(atMs).toISOString(),
      recordedAt: new Date(END + n).toISOString(),
    }) as Entry;
  const endMs = Date.parse(last(entries).happenedAt) + 1000;
  const applyMs = time(30, () => void appendEntries(timeline, [next(endMs)])).medianMs;
  const offerMs = time(30, () => {
    const entry = next(endMs);
    const offered = offerEntry(timeline, entry, new Date(END + 3_600_000).toISOString());
    if (!offered.ok && offered.error.code !== "overfilled") throw new Error(offered.error.code);
  }).medianMs;
  const backdatedMs = time(5, () => void appendEntries(timeline, [next(endMs - 7 * 86_400_000)])).medianMs;
  return { applyMs, offerMs, backdatedMs };
}

const projection = [1_000, 10_000, 20_000, 100_000].map((count) => {
  const entries = bigYard(count, 1, END);
  const projected = time(count > 50_000 ? 3 : 7, () => void project(entries));
  const state = project(entries);
  return {
    entries: count,
    ...projected,
    vessels: state.vessels.size,
    append: appended(entries),
    view: viewFigures(entries, END),
  };
});
const result = {
  machine: { cpu: cpus()[0]?.model ?? "unknown", node: process.version },
  projection,
  calculations: rates(),
  heavy: heavy(),
  posts: {
    heapGrowthKiB: await heapGrowthKiB(),
    ...(existsSync("/proc/self/status") && { server: await serverGrowth(join(import.meta.dirname, "..")) }),
  },
  slider: await sliderTrace(join(import.meta.dirname, "..")),
  acknowledged: await acknowledged(join(import.meta.dirname, "..")),
  firstLoadKiB: firstLoad(),
};

/** A yard's figures, each over its target marked. */
function viewLine(count: number, v: ViewFigures): string {
  const targets: Partial<Record<string, number>> = VIEW_TARGETS[count as keyof typeof VIEW_TARGETS] ?? {};
  const figures = Object.entries(v).map(([name, value]: [string, number]) => {
    const target = targets[name];
    const against = target === undefined ? "" : value > target ? ` (OVER ${target})` : ` (under ${target})`;
    return `${name} ${Math.round(value * 10) / 10}${against}`;
  });
  return `${String(count).padStart(7)} entries: ${figures.join(", ")}`;
}

const right = (n: number, width: number): string => n.toLocaleString("en").padStart(width);

if (json) console.log(JSON.stringify(result, null, 2));
else {
  for (const p of projection)
    console.log(
      `${String(p.entries).padStart(7)} entries: project ${p.medianMs} ms (first ${p.firstMs}), append ${p.append.applyMs} ms, offer ${p.append.offerMs} ms, backdated a week ${p.append.backdatedMs} ms, ${p.vessels} vessels`,
    );
  for (const p of projection) console.log(viewLine(p.entries, p.view));
  console.log("\nCalculations, calls a second: the model, and through the door (input and answer checked)");
  for (const c of result.calculations)
    console.log(
      `${c.name.padEnd(21)}${right(c.modelPerS, 12)}${right(c.doorPerS, 12)}  ${c.closed ? (c.modelPerS < CLOSED_FORM_TARGET ? "closed form, BELOW target" : "closed form") : ""}`,
    );
  console.log("");
  for (const h of result.heavy)
    console.log(
      `${h.modelMs > h.targetMs ? "OVER" : "  ok"} ${h.modelMs} ms (target ${h.targetMs}), ${h.doorMs} ms through the door  ${h.what}`,
    );
  const { server } = result.posts;
  console.log(`1,000 POSTs to the route: heap grew by ${result.posts.heapGrowthKiB} KiB`);
  if (server)
    console.log(
      `1,000 POSTs over HTTP: ${server.perS} a second, server ${server.beforeMiB} MiB before, ${server.afterMiB} MiB after\n`,
    );
  const { slider } = result;
  console.log(
    `Time slider over 12 vessels: ${slider.perSecond} frames a second (median ${slider.medianMs} ms, 95 % under ${slider.p95Ms} ms, longest ${slider.longestMs} ms, ${slider.longTasks} tasks over 50 ms)\n`,
  );
  for (const a of result.acknowledged)
    console.log(
      `${right(a.entries, 7)} entries: from a tap to its word, on the disk twice: ${a.aloneMs} ms, ${a.besideATabMs} ms beside another tab`,
    );
  console.log("");
  for (const [page, kib] of Object.entries(result.firstLoadKiB))
    console.log(`${kib.toFixed(1).padStart(7)} KiB first load  ${page}`);
}
