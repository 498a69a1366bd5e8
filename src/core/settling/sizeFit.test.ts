import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { DIRT, FallCourse, fitSizeMultiplier, type SettlingReading, scaled, type TemperaturePoint } from ".";

const oil = oilOf(FLUIDS.canola, 1.15);
const [, , fines] = DIRT["light-fryer"];
if (!fines) throw new Error("no fines");
const seasons: TemperaturePoint[] = [
  [0, 8],
  [200, 15],
  [500, 6],
];
const course = new FallCourse(oil, seasons, []);
const depthMm = 600;

/** What a stick would read of grains so many times as wide, each reading out by some share of itself. */
const dips = (multiplier: number, noise: readonly number[]): SettlingReading[] =>
  noise.map((off, i) => {
    const hours = 40 + i * 30;
    const fallen = course.fallMmAt(scaled(fines, multiplier), hours, Infinity) * (1 + off);
    return i % 2 === 0
      ? { dirt: fines, hours, clearToMm: fallen }
      : { dirt: fines, hours, depthMm, hanging: Math.max(0, 1 - fallen / depthMm) };
  });

describe("the size multiplier", () => {
  it("is found within 5 % from noisy dips", () => {
    const noise = fc.array(fc.double({ min: -0.08, max: 0.08, noNaN: true }), { minLength: 8, maxLength: 14 });
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 1.6, noNaN: true }), noise, (multiplier, off) => {
        const fit = fitSizeMultiplier(course, dips(multiplier, off));
        expect(Math.abs(fit.value / multiplier - 1)).toBeLessThan(0.05);
        expect(fit.trust).toBe("good");
      }),
    );
  });
  it("is exact without noise, and says how little one dip is worth", () => {
    expect(fitSizeMultiplier(course, dips(1.3, [0, 0, 0, 0, 0])).value).toBeCloseTo(1.3, 9);
    const one = fitSizeMultiplier(course, dips(1.3, [0]));
    expect(one).toMatchObject({ readings: 1, spread: null, trust: "rough" });
  });
  it("leaves out jars that are quite clear, and refuses where nothing else is there", () => {
    const clear: SettlingReading = { dirt: fines, hours: 900, depthMm, hanging: 0 };
    expect(fitSizeMultiplier(course, [...dips(1, [0, 0, 0]), clear]).leftOut).toBe(1);
    expect(() => fitSizeMultiplier(course, [clear])).toThrow("moving front");
    expect(() => fitSizeMultiplier(course, [{ dirt: fines, hours: 50, clearToMm: 0 }])).toThrow("nothing has fallen");
  });
});
