import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { payback, savedCo2Kg, type Way, wayCost } from ".";

const way: Way = {
  oil: 10,
  thinnerOrReagents: 24,
  energy: 3,
  bags: 4,
  disposal: 2,
  hours: 3,
  wagePerHour: 10,
  litresOut: 120,
  wasteLitres: 9,
  lhvMJPerL: 34.4,
};

describe("a way of making fuel", () => {
  it("costs what went in over what came out, hours and waste with it", () => {
    const cost = wayCost(way, 1.7, 35.95);
    expect(cost.perLitre).toBeCloseTo(73 / 120, 12);
    expect(cost.perMJ * 34.4).toBeCloseTo(cost.perLitre, 12);
    expect([cost.hoursPerLitre, cost.wastePerLitre]).toEqual([3 / 120, 9 / 120]);
  });
  it("is set against diesel of the same energy", () => {
    const cost = wayCost(way, 1.7, 35.95);
    expect(cost.savedPerLitre).toBeCloseTo((1.7 * 34.4) / 35.95 - 73 / 120, 12);
    expect(() => wayCost({ ...way, litresOut: 0 }, 1.7, 35.95)).toThrow("litresOut");
  });
  it("saves carbon as the diesel it stands for", () => {
    expect(savedCo2Kg(100, 35.95, 35.95, 2.68)).toBeCloseTo(268, 9);
    expect(savedCo2Kg(100, 17.975, 35.95, 2.68)).toBeCloseTo(134, 9);
  });
});

describe("payback", () => {
  const burned = [
    { day: 30, litres: 60 },
    { day: 200, litres: 180 },
    { day: 90, litres: 140 },
  ];
  it("is the day it happened, in whatever order the litres are told", () => {
    expect(payback(150, burned, 1, 230).days).toBe(90);
    expect(payback(150, [...burned].reverse(), 1, 230).days).toBe(90);
  });
  it("is foreseen at the rate so far, and never where nothing is saved", () => {
    const ahead = payback(900, burned, 1, 230);
    expect(ahead.days).toBeCloseTo(230 + (900 - 380) / (380 / 230), 9);
    expect(payback(900, burned, -0.2, 230).days).toBeNull();
    expect(payback(900, [], 1, 230)).toEqual({ savedSoFar: 0, litresPerDay: 0, days: null });
  });
  it("comes sooner the more is saved", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 3, noNaN: true }), (saved) => {
        const [less, more] = [payback(900, burned, saved, 230).days, payback(900, burned, saved * 1.2, 230).days];
        expect(more ?? Infinity).toBeLessThanOrEqual(less ?? Infinity);
      }),
    );
  });
});
