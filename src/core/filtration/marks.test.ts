import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { type Drive, type LineQuestion, lineMinutes } from "./line";
import { type RunMark, runUnderWay } from "./marks";
import { typicalRunFit } from "./typicalFit";

const oil = oilOf(FLUIDS.canola, 1.15);
const question = (drive: Drive, times: { medium: number; cake: number } = { medium: 1, cake: 1 }): LineQuestion => ({
  stages: [50, 5].map((ratingUm) => {
    const fit = typicalRunFit(ratingUm, 0.25);
    return {
      fit: { ...fit, clean: fit.clean * times.medium, perLitre: fit.perLitre * times.cake },
      carriedLitres: 0,
      areaM2: 0.25,
      ratingUm,
    };
  }),
  litres: 60,
  viscosityPaS: oil.viscosityPaS(12),
  kgPerM3: oil.kgPerM3(12),
  drive,
  loads: [],
  patienceLitresPerHour: 5,
});
const drives: Drive[] = [
  { way: "gravity", headM: null, feedAreaM2: null },
  { way: "gravity", headM: 0.9, feedAreaM2: 0.26 },
  { way: "pressure", pressurePa: 40_000 },
];

/** Noise that is the same every time: a hand on a watch is off by a few hundredths. */
const wobble = (seed: number, i: number): number => 1 + 0.03 * Math.sin(seed * 7.3 + i * 2.1);

const firstHalf = (really: LineQuestion, seed: number): RunMark[] =>
  [5, 10, 15, 20, 25, 30].map((litres, i) => ({
    litres,
    minutes: (lineMinutes(really, litres) ?? 0) * wobble(seed, i),
  }));

describe("a run forecast from its first half", () => {
  const runs = [0.5, 0.8, 1, 1.5, 2.5].flatMap((medium, i) =>
    [0.4, 3].map((cake, j) => ({ medium, cake, seed: 1 + 2 * i + j, drive: drives[(i + j) % 3] as Drive })),
  );
  it("there are ten of them", () => expect(runs).toHaveLength(10));
  it.each(runs)("medium ×$medium, cake ×$cake by $drive.way ends within 15 %", ({ medium, cake, seed, drive }) => {
    const really = question(drive, { medium, cake });
    const end = lineMinutes(really, 60) ?? 0;
    const found = runUnderWay(question(drive), firstHalf(really, seed));
    const foretold = found?.minutesAt(60) ?? 0;
    expect(Math.abs(foretold - end) / end).toBeLessThan(0.15);
  });
});

describe("marks of a run", () => {
  it("that went as foretold leave the forecast as it was", () => {
    for (const drive of drives) {
      const q = question(drive);
      const marks = [10, 20, 30, 40].map((litres) => ({ litres, minutes: lineMinutes(q, litres) ?? 0 }));
      const found = runUnderWay(q, marks);
      expect(found?.mediumTimes).toBeCloseTo(1, 6);
      expect(found?.cakeTimes).toBeCloseTo(1, 6);
      expect(found?.minutesAt(60)).toBeCloseTo(lineMinutes(q, 60) ?? 0, 6);
      expect(found?.off).toBe(0.05);
    }
  });
  it("whatever was noted, say no run that ends before it began, nor one that goes backwards", () => {
    const any = fc.array(
      fc.record({
        litres: fc.double({ min: 0, max: 59, noNaN: true }),
        minutes: fc.double({ min: 0, max: 900, noNaN: true }),
      }),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(any, fc.constantFrom(...drives), (marks, drive) => {
        const found = runUnderWay(question(drive), marks);
        if (!found) return;
        const [half, end] = [found.minutesAt(30) ?? 0, found.minutesAt(60) ?? Number.POSITIVE_INFINITY];
        expect(half).toBeGreaterThanOrEqual(0);
        expect(end).toBeGreaterThanOrEqual(half);
      }),
    );
  });
  it("of none there is nothing to say; of one both parts are scaled alike", () => {
    const q = question({ way: "gravity", headM: null, feedAreaM2: null });
    expect(runUnderWay(q, [])).toBeNull();
    const one = runUnderWay(q, [{ litres: 20, minutes: 2 * (lineMinutes(q, 20) ?? 0) }]);
    expect(one?.minutesAt(60)).toBeCloseTo(2 * (lineMinutes(q, 60) ?? 0), 6);
    expect(one?.off).toBe(0.3);
  });
});
