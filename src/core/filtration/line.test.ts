import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { gravitySeconds } from "./gravity";
import { forecastLine, type LineQuestion, type LineStage, lineMinutes } from "./line";
import { typicalBag } from "./media";
import { litresUntilSlow, minutesThrough } from "./runPace";
import { typicalRunFit } from "./typicalFit";

const oil = oilOf(FLUIDS.canola, 1.15);
const stage = (ratingUm: number, over: Partial<LineStage> = {}): LineStage => ({
  fit: typicalRunFit(ratingUm, 0.25),
  carriedLitres: 0,
  areaM2: 0.25,
  ratingUm,
  ...over,
});
const question = (over: Partial<LineQuestion> = {}): LineQuestion => ({
  stages: [stage(50), stage(5), stage(1)],
  litres: 40,
  viscosityPaS: oil.viscosityPaS(15),
  kgPerM3: oil.kgPerM3(15),
  drive: { way: "gravity", headM: null, feedAreaM2: null },
  loads: [
    { diameterUm: 80, gramsPerLitre: 0.5 },
    { diameterUm: 8, gramsPerLitre: 0.2 },
  ],
  patienceLitresPerHour: 5,
  ...over,
});

describe("a run through a line", () => {
  it("waits for its slowest bag where they hang open; in one closed line they resist together", () => {
    const open = forecastLine(question());
    const each = open.stages.map((s) => s.minutes ?? 0);
    expect(open.minutes).toBeCloseTo(Math.max(...each), 9);
    const closed = forecastLine(question({ drive: { way: "pressure", pressurePa: 9000 } }));
    expect(closed.minutes).toBeCloseTo(
      each.reduce((sum, m) => sum + m, 0),
      9,
    );
  });

  it("by gravity is the closed form of a falling head, and that of a metre where the feed is a lake", () => {
    const carried = stage(5, { carriedLitres: 60 });
    const bag = typicalBag(5);
    const head = { way: "gravity", headM: 1.2, feedAreaM2: 0.26 } as const;
    const q = question({ stages: [carried], drive: head });
    const mediumPerM = bag.mediumPerM + (bag.cakePerM2 * 0.06) / 0.25;
    const seconds = gravitySeconds(
      { areaM2: 0.25, headM: 1.2, feedAreaM2: 0.26, mediumPerM, cakePerM2: bag.cakePerM2 },
      q.viscosityPaS,
      q.kgPerM3,
      40,
    );
    expect(lineMinutes(q, 40)).toBeCloseTo(seconds / 60, 6);
    const lake = question({ stages: [carried], drive: { way: "gravity", headM: 1, feedAreaM2: 1e6 } });
    const metre = minutesThrough(carried.fit, 40, 60, q.viscosityPaS) * (9000 / (q.kgPerM3 * 9.80665));
    expect((lineMinutes(lake, 40) ?? 0) / metre).toBeCloseTo(1, 4);
    expect(lineMinutes(question({ stages: [carried], drive: { ...head, headM: 0.1 } }), 40)).toBeNull();
  });

  it("loses no gram: what is caught and what is left is what came", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.5, max: 400, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (ratings) => {
          const f = forecastLine(question({ stages: ratings.map((um) => stage(um)) }));
          expect(f.stages.reduce((sum, s) => sum + s.caughtG, 0) + f.leftG).toBeCloseTo(0.7 * 40, 9);
        },
      ),
    );
  });

  it("names the stage that is slow first, and at which litre; nothing is slow in a small run", () => {
    const worn = question({ stages: [stage(50), stage(5, { carriedLitres: 900 }), stage(1)], litres: 400 });
    const { slowFirst, stages } = forecastLine(worn);
    const shortest = stages.map((s) => s.left.litres ?? 1e9);
    expect(slowFirst?.litre).toBe(Math.min(...shortest));
    expect(slowFirst?.stage).toBe(shortest.indexOf(Math.min(...shortest)));
    expect(forecastLine(question({ litres: 1 })).slowFirst).toBeNull();
  });
});

describe("litres left in a bag", () => {
  it("at its end lets through just what one has the patience for", () => {
    const { fit } = stage(1);
    const mu = oil.viscosityPaS(12);
    const { litres } = litresUntilSlow(fit, 10, mu, 2);
    const minutesALitre = mu * (fit.clean + fit.perLitre * (10 + (litres ?? 0)));
    expect(litres ?? 0).toBeGreaterThan(1);
    expect(60 / minutesALitre).toBeCloseTo(2, 9);
  });
  it("are fewer in the cold, and the range narrows as runs are logged", () => {
    const left = (runs: number, spread: number | null) =>
      litresUntilSlow({ ...typicalRunFit(1, 0.25), runs, spread }, 0, oil.viscosityPaS(12), 5);
    const wide = ({ least, most }: { least: number; most: number | null }) => (most ?? 1e9) - least;
    expect(wide(left(4, 0.2))).toBeLessThan(wide(left(0, null)));
    expect(wide(left(12, 0.06))).toBeLessThan(wide(left(4, 0.2)));
    const cold = litresUntilSlow(typicalRunFit(1, 0.25), 0, oil.viscosityPaS(2), 5).litres ?? 0;
    expect(cold).toBeLessThan(left(0, null).litres ?? 0);
  });
  it("have no end in sight where it never got slower, and are none where it is slow already", () => {
    expect(litresUntilSlow({ clean: 1, perLitre: 0, runs: 5, spread: null }, 50, 0.1, 5)).toMatchObject({
      litres: null,
      most: null,
    });
    expect(litresUntilSlow({ clean: 500, perLitre: 1, runs: 5, spread: null }, 50, 0.1, 5).litres).toBe(0);
  });
});
