import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { clarityAt, DIRT, FallCourse, frontOfJar, JAR_CLOUD, jarCloud, jarStepFor } from ".";

const oil = oilOf(FLUIDS.canola, 1.15);
const course = new FallCourse(oil, [[0, 12]], []);
const meaty = DIRT["meaty-fryer"];
const depthMm = 600;

describe("clarity at the suction", () => {
  it("is the classes' hanging shares, weighted by the light their grains stop", () => {
    const hours = 60;
    const weight = (d: (typeof meaty)[number]): number => d.volumeShare / d.diameterUm;
    const all = meaty.reduce((sum, d) => sum + weight(d), 0);
    const left = meaty.reduce(
      (sum, d) => sum + weight(d) * Math.max(0, 1 - course.fallMmAt(d, hours, Infinity) / depthMm),
      0,
    );
    expect(clarityAt(course, meaty, 1, depthMm, hours)).toBeCloseTo(1 - left / all, 9);
  });
  it("starts at nothing, never goes back, and ends clear", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (hours, more, size) => {
          const now = clarityAt(course, meaty, size, depthMm, hours);
          expect(now).toBeGreaterThanOrEqual(0);
          expect(clarityAt(course, meaty, size, depthMm, hours + more)).toBeGreaterThanOrEqual(now - 1e-12);
        },
      ),
    );
    expect(clarityAt(course, meaty, 1, depthMm, 0)).toBe(0);
    expect(clarityAt(course, meaty, 1, depthMm, 1e5)).toBe(1);
    expect(clarityAt(course, meaty, 1, 0, 5)).toBe(1);
  });
});

describe("a jar", () => {
  it("has a step for every clarity, and its own cloud back", () => {
    for (const [i, cloud] of JAR_CLOUD.entries()) {
      expect(jarStepFor(1 - cloud)).toBe(i + 1);
      expect(jarCloud(i + 1)).toBe(cloud);
    }
  });
  it("tells the grains' size from the cloud that is left", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 2, noNaN: true }), fc.constantFrom(2, 3, 4), (size, step) => {
        // The hour at which grains of this size leave just this much cloud.
        let [low, high] = [0, 1e5];
        for (let i = 0; i < 80; i++) {
          const mid = (low + high) / 2;
          if (1 - clarityAt(course, meaty, size, depthMm, mid) > jarCloud(step)) low = mid;
          else high = mid;
        }
        const front = frontOfJar(course, meaty, high, depthMm, step);
        expect(Math.sqrt((front?.readMm ?? 0) / (front?.forecastMm ?? 1))).toBeCloseTo(size, 3);
      }),
    );
  });
  it("that is clear, or as stirred, or filled at the surface, tells nothing", () => {
    expect(frontOfJar(course, meaty, 100, depthMm, 1)).toBeNull();
    expect(frontOfJar(course, meaty, 100, depthMm, 5)).toBeNull();
    expect(frontOfJar(course, meaty, 100, 0, 3)).toBeNull();
    expect(frontOfJar(course, meaty, 0, depthMm, 3)).toBeNull();
  });
});
