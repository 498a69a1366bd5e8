import type { Entry } from "@/core/ledger";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import { cleanCone, coneWeek } from "./cone";
import { type Dice, dice } from "./dice";
import { drumWeek } from "./drums";
import { openYard } from "./open";
import { type Line, makeLine } from "./things";
import { vehicleWeek } from "./vehicles";
import { nightLowCelsius, shedCelsius } from "./weather";
import { type Writer, writer } from "./writer";

const WEEK = 7 * MS_PER_DAY;
/** About what one line writes in three years: beyond that a second line is added, as a co-op would. */
const ENTRIES_PER_LINE = 2200;

/** A week of every line: the thermometer once, then drums and vehicles. */
export function yardWeek(w: Writer, lines: readonly Line[], d: Dice, monday: number, slow: number): void {
  const shed = shedCelsius(monday, d.between(-1, 1));
  const outside = nightLowCelsius(monday, d.between(-2, 2));
  for (let day = 0; day < 7; day++) {
    const data = { shedCelsius: shed + Math.round(d.between(-1, 1)) / 2, tonightLowCelsius: outside + d.whole(-1, 1) };
    w.write(monday + day * MS_PER_DAY + 6 * MS_PER_HOUR, { kind: "weather", data });
  }
  for (const line of lines) {
    weeklyDips(w, line, d, monday + 5 * MS_PER_DAY + 17 * MS_PER_HOUR);
    // In the order of the week's days: each step counts on the litres that the ones before it left.
    vehicleWeek(w, line, d, monday, outside + 5);
    coneWeek(w, line, d, monday + 2 * MS_PER_DAY);
    drumWeek(w, line, d, monday, shed, slow);
  }
}

/** A look with the stick at whatever stands, before the weekend. */
function weeklyDips(w: Writer, line: Line, d: Dice, atMs: number): void {
  for (const name of ["drum-3", "drum-5", "heel-tub"]) {
    const vessel = line.id(name);
    if (w.litres(vessel) < 20) continue;
    const data = { vessel, fatMm: d.whole(30, 60), waterMm: d.whole(4, 12) };
    // Heels are drained from below: a line read there would not hold for long.
    if (name !== "heel-tub") w.write(atMs, { kind: "dip", data });
  }
}

/**
 * A realistic yard of exactly so many entries that ends at a time: weeks of collecting, settling, drawing, filtering,
 * filling and driving, by as many lines as a co-op of that size would have. Deterministic by seed.
 */
export function bigYard(count: number, seed: number, endMs: number): Entry[] {
  const d = dice(seed);
  const lines = Array.from({ length: Math.max(1, Math.round(count / ENTRIES_PER_LINE)) }, (_, i) =>
    makeLine(i === 0 ? "" : `-${i + 1}`),
  );
  const draft = writer("big");
  openYard(draft, lines, 0, { yardName: "Kittiwake co-op", tonightLowCelsius: 2 });
  let weeks = 0;
  for (; draft.entries.length < count; weeks++) {
    const monday = (weeks + 1) * WEEK;
    yardWeek(draft, lines, d, monday, 1);
    for (const line of lines) cleanCone(draft, line, monday + 6 * MS_PER_DAY);
  }
  const sorted = [...draft.entries].sort((a, b) =>
    a.happenedAt < b.happenedAt ? -1 : a.happenedAt > b.happenedAt ? 1 : 0,
  );
  const kept = sorted.slice(0, count);
  const shift = endMs - Date.parse(kept.at(-1)?.happenedAt ?? "1970-01-01");
  return kept.map((e) => {
    const at = new Date(Date.parse(e.happenedAt) + shift).toISOString();
    return { ...e, happenedAt: at, recordedAt: at };
  });
}
