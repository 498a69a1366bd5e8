import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { usualNights, usualShed } from "./usualYear";

const anyLatitude = fc.double({ min: -70, max: 70, noNaN: true });
const half = (months: readonly number[]): number[] => [...months.slice(6), ...months.slice(0, 6)];

describe("a usual year by the latitude", () => {
  it("is the same in the south, half a year later", () => {
    fc.assert(
      fc.property(anyLatitude, (latitude) => {
        for (const [i, c] of half(usualNights(-latitude)).entries())
          expect(Math.abs(c - (usualNights(latitude)[i] ?? 0))).toBeLessThanOrEqual(1);
      }),
    );
  });
  it("has twelve months, none of them beyond what a mark may be, and a shed that is warmer than its nights", () => {
    fc.assert(
      fc.property(anyLatitude, (latitude) => {
        const [nights, shed] = [usualNights(latitude), usualShed(latitude)];
        expect([nights.length, shed.length]).toEqual([12, 12]);
        for (const [i, c] of nights.entries()) {
          expect(c).toBeGreaterThanOrEqual(-40);
          expect(shed[i]).toBeGreaterThan(c);
          expect(shed[i]).toBeLessThanOrEqual(60);
        }
      }),
    );
  });
  it("gets colder away from the equator, and there it has no winter", () => {
    const coldest = (latitude: number): number => Math.min(...usualNights(latitude));
    expect([0, 20, 35, 50, 65].map(coldest)).toEqual([0, 20, 35, 50, 65].map(coldest).sort((a, b) => b - a));
    expect(new Set(usualNights(0)).size).toBe(1);
  });
  it("about 50° is what is taken where nobody said anything", () => {
    for (const [i, c] of [-6, -6, -3, 0, 3, 7, 9, 9, 6, 2, -2, -5].entries())
      expect(Math.abs((usualNights(50)[i] ?? 0) - c)).toBeLessThanOrEqual(2);
  });
});
