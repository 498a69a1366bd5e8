import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { areaAtHeightM2, litresAtHeight } from "../vessels";
import {
  dayBatch,
  drainSeconds,
  drawEnd,
  drawSchedule,
  dropsPerSecond,
  leftAfterPasses,
  litresAfter,
  litresPerHourOfDrops,
  secondsFor,
} from ".";

const drum = { shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 } as const;
const cone = {
  shape: { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 },
  rimMm: 1020,
} as const;
const hose = { diameterMm: 12, lengthMm: 1200, dropMm: 300 };

describe("drawing a vessel down to a line", () => {
  it("is the outlet's closed form where the sides are straight", () => {
    const found = drawSchedule(drum, 700, 70, hose, 90);
    const litres = litresAtHeight(drum.shape, 700) - litresAtHeight(drum.shape, 70);
    const whole = drainSeconds({ ...hose, headMm: 930, areaM2: areaAtHeightM2(drum, 400) }, litres, 90);
    expect(found.litres).toBeCloseTo(litres, 9);
    expect(found.seconds / (whole ?? 0)).toBeCloseTo(1, 6);
  });
  it("takes as long in a cone as its slices do, however fine", () => {
    // A thousand slices by hand.
    let seconds = 0;
    for (let i = 0; i < 1000; i++) {
      const top = 900 - i * 0.8;
      const litres = litresAtHeight(cone.shape, top) - litresAtHeight(cone.shape, top - 0.8);
      seconds += drainSeconds({ ...hose, headMm: top - 100 + 300, areaM2: litres / 0.8 }, litres, 60) ?? 0;
    }
    expect(drawSchedule(cone, 900, 100, hose, 60).seconds / seconds).toBeCloseTo(1, 3);
  });
  it("thicker oil, a longer hose and a narrower bore all take longer", () => {
    const usual = drawSchedule(drum, 700, 70, hose, 90).seconds;
    expect(drawSchedule(drum, 700, 70, hose, 130).seconds).toBeGreaterThan(usual);
    expect(drawSchedule(drum, 700, 70, { ...hose, lengthMm: 3000 }, 90).seconds).toBeGreaterThan(usual);
    expect(drawSchedule(drum, 700, 70, { ...hose, diameterMm: 10 }, 90).seconds).toBeGreaterThan(usual);
  });
  it("litres by time and time by litres undo each other", () => {
    const { points, litres } = drawSchedule(drum, 700, 70, hose, 90);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        expect(litresAfter(points, secondsFor(points, share * litres))).toBeCloseTo(share * litres, 6);
      }),
    );
    expect(litresAfter(points, 1e9)).toBeCloseTo(litres, 9);
  });
  it("ends at the line, or sooner where the receiver is full", () => {
    const schedule = drawSchedule(drum, 700, 70, hose, 90);
    expect(drawEnd(schedule, 500)).toMatchObject({ because: "line", seconds: schedule.seconds });
    const full = drawEnd(schedule, 40);
    expect(full).toMatchObject({ because: "receiver", litres: 40 });
    expect(full.seconds).toBeLessThan(schedule.seconds);
    expect(litresAfter(schedule.points, full.seconds)).toBeCloseTo(40, 6);
  });
  it("refuses a line at the surface, and an outlet above the line", () => {
    expect(() => drawSchedule(drum, 70, 70, hose, 90)).toThrow("nothing to draw");
    expect(() => drawSchedule(drum, 700, 70, { ...hose, dropMm: -20 }, 90)).toThrow("runs dry");
  });
});

describe("a trickle", () => {
  it("is counted in drops either way", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 50, noNaN: true }), (perHour) => {
        expect(litresPerHourOfDrops(dropsPerSecond(perHour, 0.04), 0.04)).toBeCloseTo(perHour, 9);
      }),
    );
    expect(dropsPerSecond(0.144, 0.04)).toBeCloseTo(1, 9);
  });
  it("a day's batch is bound by the least of what there is", () => {
    expect(dayBatch(0.2, 24, 19, 60, 96)).toEqual({ litres: 4.800000000000001, boundBy: "rate" });
    expect(dayBatch(9, 24, 19, 60, 96)).toMatchObject({ boundBy: "header", litres: 19 });
    expect(dayBatch(9, 24, 90, 5, 96)).toMatchObject({ boundBy: "overflow", litres: 5 });
    expect(dayBatch(9, 24, 90, 60, 96)).toMatchObject({ boundBy: "body", litres: 24 });
  });
});

describe("passes through a bowl", () => {
  it("halve what is left of the cut, and take all from √2 of it on", () => {
    expect([1, 2, 3].map((n) => leftAfterPasses(5, 5, n))).toEqual([0.5, 0.25, 0.125]);
    expect(leftAfterPasses(5 * Math.SQRT2 + 1e-9, 5, 1)).toBe(0);
    expect(leftAfterPasses(1, 5, 1)).toBeCloseTo(0.98, 9);
  });
});
