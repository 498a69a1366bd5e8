import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { VesselForm } from "../vessels";
import {
  centrifugeLitresPerHour,
  cutSizeUm,
  drainSeconds,
  feedWarmth,
  finingDoses,
  litresPerHourForCut,
  litresUntilFull,
  narrowestM2,
  type Outlet,
  outflowLitresPerMinute,
  sigmaM2,
  sludgeRoomLitres,
  USUAL_FINING,
} from ".";

const oil = { particleKgPerM3: 1100, fluidKgPerM3: 915, viscosityPaS: 0.06 };
const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("displacement", () => {
  it("rate for a cut and cut at a rate undo each other", () => {
    fc.assert(
      fc.property(positive(5, 200), positive(0.02, 2), (cut, area) => {
        expect(cutSizeUm(litresPerHourForCut(cut, area, oil), area, oil) / cut).toBeCloseTo(1, 9);
      }),
    );
  });
  it("refuses what floats", () => {
    expect(() => cutSizeUm(5, 0.2, { ...oil, particleKgPerM3: 900 })).toThrow("over the top");
    expect(() => litresPerHourForCut(20, 0.2, { ...oil, particleKgPerM3: 915 })).toThrow("over the top");
  });
  it("rises fastest just above the sludge in a cone, and the room there is what is left below the feed", () => {
    const cone: VesselForm = {
      shape: { kind: "cone-cylinder", diameterMm: 560, coneHeightMm: 500, outletDiameterMm: 40 },
      rimMm: 1400,
    };
    expect(narrowestM2(cone, 250, 1350)).toBeCloseTo((Math.PI / 4) * 0.3 ** 2, 2);
    expect(narrowestM2(cone, 600, 1350)).toBeCloseTo((Math.PI / 4) * 0.56 ** 2, 6);
    expect(narrowestM2(cone, 250, 1350)).toBeLessThan(narrowestM2(cone, 400, 1350));
    expect(() => narrowestM2(cone, 1350, 1350)).toThrow("clean it out");
    expect(sludgeRoomLitres(cone, 500, 400)).toBe(0);
    expect(sludgeRoomLitres(cone, 100, 400)).toBeGreaterThan(0);
  });
  it("is full sooner with dirtier oil, and never if all passes", () => {
    expect(litresUntilFull(20, 0.05, 0.01)).toBeCloseTo(500, 9);
    expect(litresUntilFull(20, 0.01, 0.01)).toBeNull();
  });
  it("warns of a feed warmer than the body", () => {
    expect([10, 11.5, 12.5].map((t) => feedWarmth(t, 10))).toEqual(["steady", "may-short-circuit", "short-circuits"]);
  });
});

describe("centrifuge", () => {
  const bowl = { outerRadiusM: 0.05, innerRadiusM: 0.03, lengthM: 0.2, rpm: 6000 };
  it("does four times as much at twice the speed, and a coarser cut goes with the square", () => {
    expect(sigmaM2({ ...bowl, rpm: 12000 }) / sigmaM2(bowl)).toBeCloseTo(4, 9);
    const rate = (d: number) => centrifugeLitresPerHour(sigmaM2(bowl), d, 1100, 900, 0.02, 0.5);
    expect(rate(10) / rate(5)).toBeCloseTo(4, 9);
  });
  it("refuses a bowl inside out and dirt lighter than the oil", () => {
    expect(() => sigmaM2({ ...bowl, innerRadiusM: 0.06 })).toThrow("outer radius");
    expect(() => centrifugeLitresPerHour(100, 5, 900, 900, 0.02, 1)).toThrow("wall");
  });
});

describe("draining", () => {
  const hose: Outlet = { diameterMm: 12, lengthMm: 800, headMm: 600, areaM2: 0.25 };
  it("equals small steps of the same law", () => {
    for (const nu of [8, 80, 800]) {
      let level = hose.headMm;
      let seconds = 0;
      const step = 0.01;
      for (let drained = 0; drained < 100 - 1e-9; drained += step) {
        const mid = level - (step / 2 / hose.areaM2) * 1;
        seconds += step / (outflowLitresPerMinute({ ...hose, headMm: mid }, nu) / 60);
        level -= step / hose.areaM2;
      }
      expect((drainSeconds(hose, 100, nu) ?? 0) / seconds).toBeCloseTo(1, 5);
    }
  });
  it("is slower for thicker oil and longer hoses, and never gets what is not above the outlet", () => {
    expect(drainSeconds(hose, 50, 200) ?? 0).toBeGreaterThan(drainSeconds(hose, 50, 100) ?? 0);
    expect(drainSeconds({ ...hose, lengthMm: 1600 }, 50, 100) ?? 0).toBeGreaterThan(drainSeconds(hose, 50, 100) ?? 0);
    expect(drainSeconds(hose, 150, 100)).toBeNull();
  });
});

it("doses gelatine by the recipe and refuses hot oil", () => {
  expect(finingDoses(100, 45, USUAL_FINING)).toEqual({ waterLitres: 10, gelatineG: 400 });
  expect(() => finingDoses(100, 65, USUAL_FINING)).toThrow("oilCelsius");
});
