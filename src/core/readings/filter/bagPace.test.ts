import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../../fluids";
import { type BagState, DEFAULT_SETTINGS } from "../../ledger";
import { bagMinutes, isSlow } from "./bagMinutes";
import { bagPace } from "./bagPace";

const terms = { settings: { ...DEFAULT_SETTINGS, shedCelsius: 12 }, fluids: FLUIDS };
const oil = oilOf(FLUIDS.canola, terms.settings.usedFactor);

const bag = (runs: readonly { litres: number; minutes: number; celsius: number }[]): BagState => {
  let carriedLitres = 0;
  return {
    bag: { id: "b" as never, name: "5 µm", ratingUm: 5, areaM2: 0.3 },
    litres: runs.reduce((sum, r) => sum + r.litres, 0),
    runs: runs.map((r) => {
      const run = { ...r, at: "2026-01-01T00:00:00.000Z", carriedLitres };
      carriedLitres += r.litres;
      return run;
    }),
    servicedAt: null,
    muck: new Map(),
  };
};
/** Two minutes a litre at 20 °C, and slower as the oil is thicker. */
const usual = (litres: number, celsius: number, times = 1) => ({
  litres,
  celsius,
  minutes: (times * 2 * litres * oil.viscosityPaS(celsius)) / oil.viscosityPaS(20),
});
const earlier = [usual(60, 20), usual(40, 18), usual(70, 21), usual(30, 19)];

describe("how a bag runs", () => {
  it("a cold morning is no choked bag: by the clock it is slow, by its own runs it is not", () => {
    const pace = bagPace(bag([...earlier, usual(40, 2)]), terms);
    expect(pace.last?.timesByClock ?? 0).toBeGreaterThan(1.9);
    expect(pace.last?.times ?? 0).toBeCloseTo(1, 6);
    expect(isSlow(pace)).toBe(false);
  });
  it("four times as long at the same warmth is", () => {
    const pace = bagPace(bag([...earlier, usual(40, 20, 4)]), terms);
    expect(pace.last?.times ?? 0).toBeCloseTo(4, 6);
    expect(isSlow(pace)).toBe(true);
  });
  it("the bench's minutes are of the same runs", () => {
    const state = bag(earlier);
    const pace = bagPace(state, terms);
    expect(pace.fit.runs).toBe(4);
    expect(bagMinutes({ ...state, pace }, 50, 20, terms)).toBeCloseTo(100, 6);
    expect(bagMinutes({ ...state, pace }, 50, 2, terms) ?? 0).toBeGreaterThan(190);
    expect(bagMinutes({ ...state, pace }, 50, 900, terms)).toBeNull();
  });
  it("is not judged by too few, and then forecast by its rating", () => {
    expect(bagPace(bag([]), terms)).toMatchObject({ last: null, fit: { runs: 0 } });
    expect(bagPace(bag(earlier.slice(0, 2)), terms).last).toBeNull();
  });
});
