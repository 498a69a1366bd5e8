import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS } from "../fluids";
import { type Recipe, reactionCourse } from ".";

const recipe: Recipe = { oil: FLUIDS.canola, celsius: 55, molarRatio: 6, second: null };
const drawn: fc.Arbitrary<Recipe> = fc.record({
  oil: fc.constantFrom(FLUIDS.canola, FLUIDS.soybean, FLUIDS.palm),
  celsius: fc.double({ min: 22, max: 73, noNaN: true }),
  molarRatio: fc.double({ min: 1, max: 15, noNaN: true }),
  second: fc.constant(null),
});

describe("the reaction", () => {
  it("keeps its moles: glycerol's bodies, and methanol with ester", () => {
    fc.assert(
      fc.property(drawn, (r) => {
        for (const p of reactionCourse(r, [1, 7, 30, 90, 240])) {
          expect(p.triglyceride + p.diglyceride + p.monoglyceride + p.glycerol).toBeCloseTo(1, 6);
          expect(p.methanol + 3 * p.conversion).toBeCloseTo(r.molarRatio, 5);
          // Every ester made has left one bond fewer on a glyceride.
          expect(3 * p.conversion).toBeCloseTo(p.diglyceride + 2 * p.monoglyceride + 3 * p.glycerol, 5);
        }
      }),
      { numRuns: 40 },
    );
  });
  it("goes forward from nothing, faster when warmer, further with more methanol", () => {
    const at = (r: Partial<Recipe>, minute: number) =>
      reactionCourse({ ...recipe, ...r }, [minute])[0]?.conversion ?? 0;
    expect(reactionCourse(recipe, [0])[0]?.conversion).toBe(0);
    expect(at({}, 10)).toBeLessThan(at({}, 30));
    expect(at({ celsius: 35 }, 10)).toBeLessThan(at({}, 10));
    expect(at({ molarRatio: 3 }, 240)).toBeLessThan(at({}, 240));
  });
  it("goes further in two steps than in one with the same methanol", () => {
    const one = reactionCourse({ ...recipe, molarRatio: 6 }, [120])[0]?.conversion ?? 0;
    const second = { atMinute: 60, molarRatio: 1.5, glycerolShare: 0.95, methanolShare: 0.3 };
    const two = reactionCourse({ ...recipe, molarRatio: 4.5, second }, [30, 60, 120]);
    expect(two).toHaveLength(3);
    expect(two[2]?.conversion ?? 0).toBeGreaterThan(one);
    expect(two[1]?.conversion ?? 1).toBeLessThan(two[2]?.conversion ?? 0);
  });
  it("does in two steps what it does in one, where nothing is drained and nothing added", () => {
    const second = { atMinute: 20, molarRatio: 0, glycerolShare: 0, methanolShare: 0 };
    const [plain, split] = [recipe, { ...recipe, second }].map((r) => reactionCourse(r, [20])[0]?.conversion ?? 0);
    expect(split).toBeCloseTo(plain ?? 0, 6);
  });
  it("refuses minutes that go back, and temperatures it was not measured at", () => {
    expect(() => reactionCourse(recipe, [30, 20])).toThrow("back in time");
    expect(() => reactionCourse({ ...recipe, celsius: 90 }, [30])).toThrow("celsius");
  });
});

describe("at the temperatures that were read", () => {
  const at = (r: Partial<Recipe>, minute = 60) => reactionCourse({ ...recipe, ...r }, [minute])[0]?.conversion ?? 0;
  it("is what it is at one temperature where the thermometer stood still", () => {
    expect(
      at({
        logged: [
          [0, 48],
          [30, 48],
          [90, 48],
        ],
      }),
    ).toBeCloseTo(at({ celsius: 48 }), 7);
  });
  it("lies between the coldest and the warmest that were read, and counts a cold hour for little", () => {
    const between = at(
      {
        logged: [
          [0, 35],
          [60, 55],
        ],
      },
      20,
    );
    expect(between).toBeGreaterThan(at({ celsius: 35 }, 20));
    expect(between).toBeLessThan(at({ celsius: 55 }, 20));
    expect(
      at({
        logged: [
          [0, 55],
          [10, 55],
          [11, 10],
        ],
      }),
    ).toBeLessThan(at({ celsius: 55 }));
  });
});
