import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type FuelLoop, minutesToResidual, purgeLineOf, purgeResidual, residualShare, tripLitres } from ".";

const flatbed: FuelLoop = {
  returnTo: "loop",
  lineLitres: 0.16,
  pumpLitresPerMinute: 1.4,
  burnLitresPerHour: 7.4,
  tanksInSeries: 1,
};
const n = fc.integer({ min: 1, max: 8 });

describe("purging", () => {
  it("starts at all of it, only falls, and reaches the share asked for", () => {
    fc.assert(
      fc.property(
        n,
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.05, max: 4, noNaN: true }),
        (k, lineLitres, flow) => {
          const line = { litresPerMinute: flow, lineLitres, tanksInSeries: k };
          expect(residualShare(0, lineLitres, k)).toBeCloseTo(1, 12);
          expect(purgeResidual(line, 2)).toBeLessThanOrEqual(purgeResidual(line, 1));
          expect(purgeResidual(line, minutesToResidual(line, 0.02))).toBeCloseTo(0.02, 9);
        },
      ),
    );
  });
  it("is slow where the return loops, because only what is burned flows through", () => {
    const looped = minutesToResidual(purgeLineOf(flatbed), 0.02);
    const toTank = minutesToResidual(purgeLineOf({ ...flatbed, returnTo: "oil-tank", tanksInSeries: 3 }), 0.02);
    expect(looped).toBeGreaterThan(8 * toTank);
  });
});

describe("a trip", () => {
  const minutes = { startOnDiesel: 10, onOil: 60, purge: 6 };
  it("burns by the clock", () => {
    const t = tripLitres(flatbed, minutes);
    expect(t.oilBurned).toBeCloseTo(7.4, 9);
    expect(t.dieselBurned).toBeCloseTo((7.4 * 16) / 60, 9);
    expect(t.dieselToOilTank).toBe(0);
    expect(t.residualOilShare).toBeLessThan(0.02);
  });
  it("with the return on the oil tank the purge pushes diesel there, less what it burns", () => {
    const t = tripLitres({ ...flatbed, returnTo: "oil-tank", tanksInSeries: 3 }, { ...minutes, purge: 2 });
    expect(t.dieselToOilTank).toBeCloseTo(2 * (1.4 - 7.4 / 60), 9);
  });
  it("that never ran on oil leaves none at the pump, and one that never purged leaves it all", () => {
    expect(tripLitres(flatbed, { ...minutes, onOil: 0 }).residualOilShare).toBe(0);
    expect(tripLitres(flatbed, { ...minutes, purge: 0 }).residualOilShare).toBe(1);
  });
});
