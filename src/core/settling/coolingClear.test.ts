import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { coolingClear, DIRT, FallCourse, hoursUntilStill } from ".";

const fines = DIRT["light-fryer"][2];
if (!fines) throw new Error("no fines");
const oil = oilOf(FLUIDS.canola, 1.15);
const DEPTH_MM = 600;
const cooled = fc.record({
  still: fc.double({ min: 0, max: 60, noNaN: true }),
  warm: fc.double({ min: 25, max: 70, noNaN: true }),
  hung: fc.double({ min: 0.06, max: 1, noNaN: true }),
});
const clearing = ({ still, warm, hung }: { still: number; warm: number; hung: number }) => {
  const course = new FallCourse(
    oil,
    [
      [0, warm],
      [still + 1e-6, 12],
    ],
    [],
  );
  return coolingClear(course, fines, DEPTH_MM, still, hung);
};

describe("oil that was warmed and left", () => {
  it("clears, never the other way, and never jumps as it comes to stand still", () => {
    fc.assert(
      fc.property(cooled, (c) => {
        const { hangingAt } = clearing(c);
        expect(hangingAt(0)).toBeCloseTo(c.hung, 9);
        let last = c.hung;
        for (let h = 0; h <= 24 * 60; h += 24) {
          const now = hangingAt(h);
          expect(now).toBeLessThanOrEqual(last + 1e-9);
          expect(now).toBeGreaterThanOrEqual(0);
          last = now;
        }
        expect(hangingAt(c.still + 1e-3)).toBeCloseTo(hangingAt(c.still), 3);
      }),
    );
  });
  it("has no clear oil on top while it goes round, and a front after", () => {
    fc.assert(
      fc.property(cooled, (c) => {
        const { clearedShareAt } = clearing(c);
        expect(clearedShareAt(c.still / 2)).toBe(0);
        expect(clearedShareAt(c.still + 48)).toBeGreaterThan(0);
      }),
    );
  });
  it("is clear at the hour it says, and not before", () => {
    fc.assert(
      fc.property(cooled, (c) => {
        const { clearHours, hangingAt } = clearing(c);
        if (clearHours === null) return;
        expect(hangingAt(clearHours)).toBeLessThanOrEqual(0.0501);
        if (clearHours > 1) expect(hangingAt(clearHours - 1)).toBeGreaterThan(0.0499);
      }),
    );
  });
  it("goes round no longer once it is as warm as its shed", () => {
    expect(hoursUntilStill(0.5, 8)).toBe(0);
    expect(hoursUntilStill(Math.E, 8)).toBeCloseTo(8, 9);
    expect(hoursUntilStill(40, 20)).toBeGreaterThan(hoursUntilStill(40, 8));
  });
});
