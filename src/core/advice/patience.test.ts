import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Draft, type Entry, project } from "../ledger";
import { drum, entry, iso, kitchen, vid } from "../ledger/testing";
import { clearLitreDays } from "../readings/settle/tipped";
import { MS_PER_HOUR } from "../units";
import { viewYard, type YardView } from "../view";

const DAY = 1440;

interface Yard {
  readonly shed: number;
  readonly finesUm: 12 | 16 | 20;
  /** Litres and days stood of two drums, the pail and the tub of heels. */
  readonly drums: readonly { readonly litres: number; readonly days: number }[];
  readonly pail: { readonly litres: number; readonly days: number };
  readonly tub: { readonly litres: number; readonly days: number };
}

const stood = (most: number) =>
  fc.record({
    litres: fc.oneof(fc.constant(0), fc.double({ min: 5, max: most, noNaN: true })),
    days: fc.integer({ min: 0, max: 60 }),
  });
const anyYard: fc.Arbitrary<Yard> = fc.record({
  shed: fc.integer({ min: 4, max: 24 }),
  finesUm: fc.constantFrom(12, 16, 20),
  drums: fc.tuple(stood(190), stood(190)),
  pail: fc.record({ litres: fc.double({ min: 6, max: 40, noNaN: true }), days: fc.integer({ min: 0, max: 40 }) }),
  tub: stood(60),
});

const fetched = (to: string, litres: number, sludge = 0.015): Draft => ({
  kind: "pickup",
  data: { source: kitchen.id, to: vid(to), fluid: "canola", amount: { litres }, muck: { water: 0.01, sludge } },
});

const NOW = 61 * DAY;
function entriesOf(y: Yard): Entry[] {
  const at = (days: number): number => NOW - days * DAY;
  const filled = (to: string, { litres, days }: { litres: number; days: number }, sludge?: number): Entry[] =>
    litres > 0 ? [entry(`f-${to}`, at(days), fetched(to, litres, sludge))] : [];
  return [
    entry("00", 0, { kind: "settings", data: { readyFinesUm: y.finesUm } }),
    entry("01", 0, { kind: "source", data: { ...kitchen, dirt: "light-fryer" } }),
    entry("02", 0, { kind: "weather", data: { shedCelsius: y.shed } }),
    entry("03", 0, { kind: "vessel", data: drum("A") }),
    entry("04", 0, { kind: "vessel", data: drum("B") }),
    entry("05", 0, {
      kind: "vessel",
      data: { ...drum("pail", "raw"), shape: { kind: "cylinder", diameterMm: 320 }, rimMm: 600 },
    }),
    entry("06", 0, {
      kind: "vessel",
      data: { ...drum("tub", "heel"), shape: { kind: "cylinder", diameterMm: 420 }, rimMm: 600 },
    }),
    ...filled("A", y.drums[0] ?? { litres: 0, days: 0 }),
    ...filled("B", y.drums[1] ?? { litres: 0, days: 0 }),
    ...filled("pail", y.pail),
    ...filled("tub", y.tub, 0.2),
  ];
}

/** Litre-days in which clear oil is there within a season, and the litres that come clear. */
function clearIn(view: YardView): { litreDays: number; litres: number } {
  let [litres, litreDays] = [0, 0];
  for (const { settling: s } of view.vessels) {
    if (!s) continue;
    const hours = s.readyAt === null ? null : Math.max(0, Date.parse(s.readyAt) - Date.parse(view.at)) / MS_PER_HOUR;
    litres += s.drawableLitres;
    litreDays += clearLitreDays(s.drawableLitres, hours);
  }
  return { litreDays, litres };
}

/** How many days later each litre comes for a change; below nothing, sooner. */
const laterDays = (before: YardView, after: YardView): number =>
  (clearIn(before).litreDays - clearIn(after).litreDays) / Math.max(1, clearIn(after).litres);

const seen = (entries: Entry[]): YardView => viewYard(project(entries), iso(NOW));
/** Less is within what the shed's own temperature does. */
const A_DAY = 1;

describe("no advice undoes patience without saying so", () => {
  it("a tip or a pooling that is followed makes clear oil come later only where it said that it would", () => {
    const told: string[] = [];
    fc.assert(
      fc.property(anyYard, (y) => {
        const entries = entriesOf(y);
        const before = seen(entries);
        for (const a of before.advice) {
          if (a.code !== "tip-in" && a.code !== "pool-heel") continue;
          told.push(a.code);
          const move: Draft = {
            kind: "move",
            data: { from: a.vessel as never, to: a.into, amount: { litres: a.litres * 0.999999 }, layer: "mixed" },
          };
          const later = laterDays(before, seen([...entries, entry("zz", NOW, move)]));
          if (later <= A_DAY) continue;
          if (a.code === "pool-heel") expect(a.setBackLitres).toBeGreaterThan(0);
          else expect(a.costDays).toBeGreaterThan(0.5);
        }
      }),
      { numRuns: 150 },
    );
    expect(told).toContain("tip-in");
  });
  it("a pail is let stand only where tipping it would really cost the days that are said", () => {
    let checked = 0;
    fc.assert(
      fc.property(anyYard, (y) => {
        const entries = entriesOf(y);
        const before = seen(entries);
        for (const a of before.advice) {
          if (a.code !== "let-stand") continue;
          const move: Draft = {
            kind: "move",
            data: { from: a.vessel as never, to: a.into, amount: { litres: a.litres * 0.999999 }, layer: "mixed" },
          };
          const after = seen([...entries, entry("zz", NOW, move)]);
          expect(laterDays(before, after)).toBeGreaterThan(0);
          checked++;
        }
      }),
      { numRuns: 150 },
    );
    expect(checked).toBeGreaterThan(0);
  });
});
