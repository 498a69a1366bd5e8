import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mixLhvMJPerL, mixViscosityMm2PerS } from "../blending";
import { FLUIDS } from "../fluids";
import {
  compareWays,
  DEFAULT_WAY_MARKS,
  isWay,
  savedCo2Kg,
  tornado,
  type WayFigures,
  type WayId,
  type WaysTask,
  wayCost,
} from ".";

const DIESEL_MJ = 0.84 * 42.8;
const task: WaysTask = {
  oil: { fluid: FLUIDS.canola, usedFactor: 1.15 },
  fluids: FLUIDS,
  lowCelsius: -2,
  limitMm2PerS: 15,
  daysToClear: 6,
  petrolStandHours: 24,
  hasSecondTank: false,
  prices: {
    dieselPerLitre: 1.6,
    kerosenePerLitre: 1.1,
    petrolPerLitre: 1.7,
    oilPerLitre: 0.1,
    energyPerKwh: 0.3,
    wagePerHour: 10,
  },
  marks: DEFAULT_WAY_MARKS,
};
const way = (id: WayId, of: WaysTask = task): WayFigures => {
  const found = compareWays(of).find((w) => w.id === id);
  if (!found || !isWay(found)) throw new Error(`no way ${id}`);
  return found;
};
const aTask = fc
  .record({
    lowCelsius: fc.double({ min: -15, max: 15, noNaN: true }),
    limitMm2PerS: fc.double({ min: 6, max: 30, noNaN: true }),
    diesel: fc.double({ min: 0.2, max: 4, noNaN: true }),
    kerosene: fc.double({ min: 0.2, max: 4, noNaN: true }),
    oil: fc.double({ min: 0, max: 1, noNaN: true }),
    wage: fc.double({ min: 0, max: 40, noNaN: true }),
    hasSecondTank: fc.boolean(),
  })
  .map(
    ({ diesel, kerosene, oil, wage, ...rest }): WaysTask => ({
      ...task,
      ...rest,
      prices: {
        ...task.prices,
        dieselPerLitre: diesel,
        kerosenePerLitre: kerosene,
        oilPerLitre: oil,
        wagePerHour: wage,
      },
    }),
  );

describe("every way for one lot", () => {
  it("costs what its lines add up to, and what the cost of a batch by itself says", () => {
    fc.assert(
      fc.property(aTask, (t) => {
        for (const w of compareWays(t).filter(isWay)) {
          const { lines } = w;
          expect(Object.values(lines).reduce((sum, l) => sum + l, 0)).toBeCloseTo(w.perLitre, 9);
          const batch = wayCost(
            {
              oil: lines.oil * 100,
              thinnerOrReagents: (lines.thinner + lines.reagents) * 100,
              energy: lines.energy * 100,
              bags: lines.bags * 100,
              disposal: (lines.disposal + lines.kit) * 100,
              hours: w.hoursPer100L,
              wagePerHour: t.prices.wagePerHour,
              litresOut: 100,
              wasteLitres: w.wastePerLitre * 100,
              lhvMJPerL: w.energyRatio * DIESEL_MJ,
            },
            t.prices.dieselPerLitre,
            DIESEL_MJ,
          );
          expect(batch.perLitre).toBeCloseTo(w.perLitre, 9);
          expect(batch.perMJ).toBeCloseTo(w.perMJ, 9);
        }
      }),
      { numRuns: 60 },
    );
  });
  it("breaks even at the pump price it says: there a megajoule costs the same", () => {
    fc.assert(
      fc.property(aTask, (t) => {
        for (const w of compareWays(t).filter(isWay)) {
          if (w.pumpPrice === null || w.pumpPrice > 50) continue;
          const there = { ...t, prices: { ...t.prices, dieselPerLitre: w.pumpPrice } };
          expect(way(w.id, there).perMJ).toBeCloseTo(way("pump-diesel", there).perMJ, 6);
        }
      }),
      { numRuns: 60 },
    );
  });
  it("thins just to the limit, and saves the carbon of its oil alone", () => {
    const kerosene = way("kerosene");
    const mix = [
      { ...task.oil, litres: 1 - kerosene.thinnerShare },
      { fluid: FLUIDS.kerosene, usedFactor: 1, litres: kerosene.thinnerShare },
    ];
    expect(mixViscosityMm2PerS(mix, -2)).toBeCloseTo(15, 5);
    const oil = { fluid: FLUIDS.canola, litres: 1 };
    expect(kerosene.co2SavedKgPerLitre).toBeCloseTo(
      savedCo2Kg(1 - kerosene.thinnerShare, mixLhvMJPerL([oil]), DIESEL_MJ, 2.68),
      9,
    );
    expect(kerosene.downToCelsius).toBeCloseTo(-2, 4);
  });
  it("counts a second tank where there is none, waits for the lot, and leaves out what cannot be", () => {
    expect(way("heated").kit).toContain("second-tank-to-buy");
    expect(way("heated").lines.kit).toBeCloseTo((0.9 * 600) / 5000, 12);
    expect(way("heated", { ...task, hasSecondTank: true }).lines.kit).toBe(0);
    expect(way("petrol").daysUntilUsable).toBe(7);
    expect(way("nothing").perLitre).toBeCloseTo(1.9, 12);
    expect(compareWays({ ...task, limitMm2PerS: 2 }).find((w) => w.id === "diesel")).toEqual({
      id: "diesel",
      code: "no-mix-meets-it",
    });
  });
});

describe("what the choice turns on", () => {
  it("moves one thing at a time, and names the way that is cheapest then", () => {
    const found = tornado(task);
    const best = compareWays(task)
      .filter(isWay)
      .reduce((a, b) => (b.perMJ < a.perMJ ? b : a));
    expect(found).toMatchObject({ best: best.id, perMJ: best.perMJ });
    const wage = found.swings.find((s) => s.assumption === "wage");
    const dear = { ...task, prices: { ...task.prices, wagePerHour: 12.5 } };
    expect(wage?.highPerMJ).toBeCloseTo(way(best.id, dear).perMJ, 12);
    expect(found.swings).toHaveLength(12);
  });
  it("finds the assumption that flips the ranking", () => {
    // Kerosene and diesel within a quarter of each other: whichever moves turns the choice.
    const close = {
      ...task,
      prices: { ...task.prices, wagePerHour: 60, dieselPerLitre: 1.75, oilPerLitre: 0 },
      marks: { ...task.marks, secondTankCost: 20_000 },
    };
    const { best, swings } = tornado(close);
    const flips = swings.filter((s) => s.flips);
    expect(flips.length).toBeGreaterThan(0);
    for (const s of flips) expect([s.lowBest, s.highBest].some((id) => id !== best)).toBe(true);
  });
});

describe("the worked example in the docs", () => {
  it("says line by line what the comparison says", () => {
    const text = readFileSync(join(import.meta.dirname, "../../../docs/comparison.md"), "utf8");
    const rows = [...text.matchAll(/^\| *(\S[^|]*?) *\|.*\| *(-?[\d.]+) *\|$/gm)].map(([, name, value]) => [
      name,
      Number(value),
    ]);
    const said = new Map(rows as [string, number][]);
    const { lines, ...k } = way("kerosene");
    const figures: Record<string, number> = {
      "Kerosene, s": k.thinnerShare,
      "Oil that goes in": (1 - k.thinnerShare) / (1 - 0.04),
      Oil: lines.oil,
      Kerosene: lines.thinner,
      Bags: lines.bags,
      Disposal: lines.disposal,
      Work: lines.work,
      "A litre": k.perLitre,
      "Energy against diesel": k.energyRatio,
      "A megajoule": k.perMJ,
      "Pays above": k.pumpPrice ?? 0,
      "CO₂ saved": k.co2SavedKgPerLitre,
    };
    for (const [name, value] of Object.entries(figures)) expect(said.get(name), name).toBeCloseTo(value, 4);
  });
});
