import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, type TableFluidId } from "../fluids";
import {
  cloudPointCelsius,
  fatCrystals,
  HARD_MOLE_SHARE,
  type MixPart,
  mixLitres,
  mixViscosityMm2PerS,
  planStocks,
  type Stock,
  type StockTask,
  scaledMix,
  topUp,
} from ".";

const part = (id: TableFluidId, litres: number, usedFactor = 1): MixPart => ({ fluid: FLUIDS[id], litres, usedFactor });
const OILS = ["canola", "soybean", "motor-oil", "fryer-fat"] as const;
const THINNERS = ["diesel", "kerosene", "petrol", "biodiesel"] as const;

const stock = (mix: MixPart[], litres: number, pricePerLitre: number, isOil: boolean): Stock => ({
  mix,
  litres,
  pricePerLitre,
  isOil,
});
const anOil = fc
  .record({ id: fc.constantFrom(...OILS), factor: fc.double({ min: 0.9, max: 1.6, noNaN: true }) })
  .map(({ id, factor }) => [part(id, 1, factor)]);
const aThinner = fc.constantFrom(...THINNERS).map((id) => [part(id, 1)]);

const pouredOf = (task: StockTask, litres: readonly number[]): MixPart[] =>
  [...task.contents, ...task.stocks.flatMap((s, i) => scaledMix(s.mix, litres[i] ?? 0))].filter((p) => p.litres > 0);

function isFit(task: StockTask, litres: readonly number[], slack: number): boolean {
  const mix = pouredOf(task, litres);
  if (mixLitres(mix) === 0) return false;
  if (mixViscosityMm2PerS(mix, task.celsius) > task.limitMm2PerS * (1 + slack)) return false;
  if (!task.staysClear) return true;
  const fat = fatCrystals(mix, HARD_MOLE_SHARE).standingCelsius ?? -99;
  return Math.max(cloudPointCelsius(mix), fat) <= task.celsius + slack * 20;
}

const worth = (task: StockTask, litres: readonly number[]): number =>
  task.stocks.reduce(
    (sum, s, i) => sum + (task.goal === "least-cost" ? -s.pricePerLitre : s.isOil ? 1 : 0) * (litres[i] ?? 0),
    0,
  );

const STEPS = 16;
/** Every way to fill the room from up to four stocks, in sixteenths. */
function* grid(task: StockTask): Generator<number[]> {
  const room = task.fillToLitres - mixLitres(task.contents);
  const n = task.stocks.length;
  function* rest(at: number, left: number, sofar: number[]): Generator<number[]> {
    if (at === n - 1) {
      const from = task.goal === "use-up" ? 0 : left;
      for (let k = from; k <= left; k++) yield [...sofar, (k * room) / STEPS];
      return;
    }
    for (let k = 0; k <= left; k++) yield* rest(at + 1, left - k, [...sofar, (k * room) / STEPS]);
  }
  for (const litres of rest(0, STEPS, [])) if (litres.every((l, i) => l <= (task.stocks[i]?.litres ?? 0))) yield litres;
}

describe("what to pour from several drums and cans", () => {
  const aTask = fc
    .record({
      goal: fc.constantFrom("most-oil", "least-cost", "use-up"),
      contents: fc.constantFrom<MixPart[]>([], [part("diesel", 12)], [part("canola", 9, 1.15), part("kerosene", 6)]),
      fillToLitres: fc.double({ min: 30, max: 80, noNaN: true }),
      oils: fc.array(fc.tuple(anOil, fc.double({ min: 5, max: 90, noNaN: true })), { minLength: 1, maxLength: 2 }),
      thinners: fc.array(fc.tuple(aThinner, fc.double({ min: 5, max: 90, noNaN: true })), {
        minLength: 1,
        maxLength: 2,
      }),
      celsius: fc.integer({ min: -10, max: 15 }),
      limitMm2PerS: fc.constantFrom(8, 15, 25),
      staysClear: fc.boolean(),
      prices: fc.tuple(...Array.from({ length: 4 }, () => fc.double({ min: 0, max: 2, noNaN: true }))),
    })
    .map(
      ({ oils, thinners, prices, ...rest }): StockTask => ({
        ...rest,
        goal: rest.goal as StockTask["goal"],
        stocks: [
          ...oils.map(([mix, l]) => ({ mix, l, isOil: true })),
          ...thinners.map(([mix, l]) => ({ mix, l, isOil: false })),
        ].map(({ mix, l, isOil }, i) => stock(mix, l, prices[i] ?? 1, isOil)),
      }),
    );

  it("is feasible, and no grid of pours beats it; where there is none, no grid finds one", () => {
    fc.assert(
      fc.property(aTask, (task) => {
        const found = planStocks(task);
        const best = [...grid(task)].filter((l) => isFit(task, l, 0)).map((l) => worth(task, l));
        if ("code" in found) {
          expect(best.filter((w) => task.goal !== "use-up" || w > 0)).toEqual([]);
          return;
        }
        expect(isFit(task, found.litres, 1e-6)).toBe(true);
        for (const [i, l] of found.litres.entries())
          expect(l).toBeLessThanOrEqual((task.stocks[i]?.litres ?? 0) + 1e-6);
        const all = mixLitres(found.after);
        if (task.goal === "use-up") expect(all).toBeLessThanOrEqual(task.fillToLitres + 1e-6);
        else expect(all).toBeCloseTo(task.fillToLitres, 6);
        for (const w of best) expect(worth(task, found.litres)).toBeGreaterThanOrEqual(w - 1e-3);
      }),
      { numRuns: 120 },
    );
  });
  it("says what is missing: room, or litres to fill it", () => {
    const task: StockTask = {
      goal: "most-oil",
      contents: [part("diesel", 40)],
      fillToLitres: 40,
      stocks: [stock([part("canola", 1)], 5, 0, true), stock([part("kerosene", 1)], 3, 1, false)],
      celsius: 0,
      limitMm2PerS: 15,
      staysClear: false,
    };
    expect(planStocks(task)).toEqual({ code: "tank-full" });
    expect(planStocks({ ...task, fillToLitres: 60 })).toEqual({ code: "not-enough-in-stock", shortLitres: 12 });
    expect(planStocks({ ...task, contents: [part("canola", 35)], fillToLitres: 40 })).toEqual({
      code: "no-mix-meets-it",
    });
  });
});

describe("topping up one tank", () => {
  it("equals a fine grid search on 200 random tanks", () => {
    const aTank = fc.record({
      there: fc.constantFrom<MixPart[]>([], [part("diesel", 20)], [part("canola", 11, 1.15), part("kerosene", 8)]),
      fillTo: fc.double({ min: 25, max: 90, noNaN: true }),
      oil: anOil,
      thinner: aThinner,
      celsius: fc.double({ min: -15, max: 20, noNaN: true }),
      limit: fc.double({ min: 4, max: 30, noNaN: true }),
    });
    fc.assert(
      fc.property(aTank, ({ there, fillTo, oil, thinner, celsius, limit }) => {
        const found = topUp(there, fillTo, oil, thinner, celsius, limit);
        const room = fillTo - mixLitres(there);
        const steps = 400;
        const nuAt = (oilLitres: number): number =>
          mixViscosityMm2PerS(
            [...there, ...scaledMix(oil, oilLitres), ...scaledMix(thinner, room - oilLitres)].filter(
              (p) => p.litres > 0,
            ),
            celsius,
          );
        const most = Array.from({ length: steps + 1 }, (_, i) => (room * i) / steps).filter((l) => nuAt(l) <= limit);
        if ("code" in found) {
          expect(found.code === "tank-full" ? room <= 0 : most.length === 0).toBe(true);
          return;
        }
        expect(Math.abs(found.oilLitres - (most.at(-1) ?? 0))).toBeLessThanOrEqual(room / steps + 1e-6);
        expect(found.oilLitres + found.thinnerLitres).toBeCloseTo(room, 9);
      }),
      { numRuns: 200 },
    );
  });
});
