import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  type BagRun,
  bagTrend,
  type CascadeQuestion,
  caughtShare,
  type Filter,
  filterLitres,
  filterSeconds,
  fitFilter,
  flowLitresPerHour,
  gravitySeconds,
  litresLeft,
  logNormalLoads,
  meshThatHolds,
  runCascade,
  typicalBag,
  US_SIEVES,
  umOfMesh,
} from ".";

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const filter: fc.Arbitrary<Filter> = fc.record({
  viscosityPaS: positive(0.005, 0.5),
  areaM2: positive(0.02, 2),
  pressurePa: positive(1000, 2e5),
  mediumPerM: positive(1e8, 1e12),
  cakePerM2: positive(1e10, 1e13),
  carriedLitres: positive(0, 200),
});

describe("a cake on a bag", () => {
  it("litres in a time and time for litres undo each other", () => {
    fc.assert(
      fc.property(filter, positive(0.1, 500), (f, litres) => {
        expect(filterLitres(f, filterSeconds(f, litres)) / litres).toBeCloseTo(1, 9);
      }),
    );
  });
  it("two runs one after another take what one long run takes: the cake is carried", () => {
    fc.assert(
      fc.property(filter, positive(1, 100), positive(1, 100), (f, a, b) => {
        const both = filterSeconds(f, a) + filterSeconds({ ...f, carriedLitres: f.carriedLitres + a }, b);
        expect(both / filterSeconds(f, a + b)).toBeCloseTo(1, 9);
      }),
    );
  });
  it("flows ever more slowly, and the life left ends at the flow asked for", () => {
    fc.assert(
      fc.property(filter, (f) => {
        const now = flowLitresPerHour(f, 0);
        expect(flowLitresPerHour(f, 10)).toBeLessThan(now);
        const left = litresLeft(f, now / 3);
        expect(flowLitresPerHour(f, left) / (now / 3)).toBeCloseTo(1, 9);
        expect(litresLeft(f, now * 2)).toBe(0);
      }),
    );
  });
});

describe("gravity", () => {
  it("equals small steps under the same falling head", () => {
    const f = { areaM2: 0.4, headM: 1.1, feedAreaM2: 0.25, mediumPerM: 2e10, cakePerM2: 3e11 };
    let seconds = 0;
    const step = 0.01;
    for (let v = step / 2; v < 100; v += step) {
      const headM = f.headM - v / 1000 / f.feedAreaM2;
      const resistance = f.mediumPerM + (f.cakePerM2 * v) / 1000 / f.areaM2;
      seconds += (0.06 * resistance * (step / 1000)) / (f.areaM2 * 915 * 9.80665 * headM);
    }
    expect(gravitySeconds(f, 0.06, 915, 100) / seconds).toBeCloseTo(1, 5);
  });
  it("refuses litres that do not stand above the bag", () => {
    const f = { areaM2: 0.4, headM: 0.4, feedAreaM2: 0.25, mediumPerM: 2e10, cakePerM2: 3e11 };
    expect(() => gravitySeconds(f, 0.06, 915, 100)).toThrow("below");
  });
});

describe("fitting a bag", () => {
  const points = (f: Filter, noise: readonly number[]) =>
    noise.map((off, i): [number, number] => [(i + 1) * 8, filterSeconds(f, (i + 1) * 8) * (1 + off)]);
  it("finds its resistances again, and says how sure it is", () => {
    fc.assert(
      fc.property(filter, fc.array(positive(-0.01, 0.01), { minLength: 8, maxLength: 12 }), (drawn, noise) => {
        const f = { ...drawn, carriedLitres: 0, mediumPerM: drawn.cakePerM2 * 0.05 };
        const exact = fitFilter(points(f, [0, 0, 0, 0]), f.areaM2, f.pressurePa, f.viscosityPaS);
        expect(exact.cake.value / f.cakePerM2).toBeCloseTo(1, 6);
        expect(exact.medium.value / f.mediumPerM).toBeCloseTo(1, 6);
        const noisy = fitFilter(points(f, noise), f.areaM2, f.pressurePa, f.viscosityPaS);
        expect(Math.abs(noisy.cake.value - f.cakePerM2)).toBeLessThan(
          6 * (noisy.cake.spread ?? 0) + 1e-3 * f.cakePerM2,
        );
      }),
    );
  });
  it("refuses a run that got faster, and readings that are too alike", () => {
    const at = (points: [number, number][]) => () => fitFilter(points, 0.4, 2e4, 0.06);
    expect(
      at([
        [10, 1000],
        [20, 1500],
        [30, 1700],
      ]),
    ).toThrow("no slower");
    expect(
      at([
        [10, 1000],
        [10, 1000],
      ]),
    ).toThrow("too alike");
    expect(at([[10, 1000]])).toThrow("at least 2");
  });
});

describe("a line of bags", () => {
  const bag = (ratingUm: number, areaM2 = 0.3) => ({ ratingUm, areaM2, mediumPerM: typicalBag(ratingUm).mediumPerM });
  const question: CascadeQuestion = {
    loads: logNormalLoads(25, 2.2, 0.6, 25),
    bags: [bag(100), bag(25), bag(5)],
    litres: 100,
    viscosityPaS: 0.05,
    pressurePa: 30_000,
    cakeMPerKg: 6e11,
    patienceLitresPerHour: 5,
  };
  it("loses no gram, and shares out all of the pressure", () => {
    const rating = fc.constantFrom(200, 100, 50, 25, 10, 5, 1);
    fc.assert(
      fc.property(fc.array(rating, { minLength: 1, maxLength: 5 }), positive(5, 80), (ratings, median) => {
        const loads = logNormalLoads(median, 2, 0.5, 25);
        const { stages, leftG } = runCascade({ ...question, loads, bags: ratings.map((r) => bag(r)) });
        const caught = stages.reduce((sum, s) => sum + s.caughtG, 0);
        expect(caught + leftG).toBeCloseTo(50, 9);
        expect(stages.reduce((sum, s) => sum + s.pressureDropPa, 0)).toBeCloseTo(30_000, 5);
      }),
    );
  });
  it("holds half of its nominal size, more of coarser and less of finer", () => {
    expect(caughtShare(25, 25)).toBe(0.5);
    expect(caughtShare(50, 25)).toBeGreaterThan(0.9);
    expect(caughtShare(5, 25)).toBeLessThan(0.03);
  });
  it("shows that the fine bag chokes without a coarse one before it, and that with it the brunt is the middle one's", () => {
    const alone = runCascade({ ...question, bags: [bag(5)] });
    const after = runCascade(question);
    expect(after.chokesFirst).toBe(1);
    expect(after.stages[2]?.litresUntilSlow ?? 0).toBeGreaterThan(2 * (alone.stages[0]?.litresUntilSlow ?? 0));
    const wrongWay = runCascade({ ...question, bags: [bag(5), bag(25), bag(100)] });
    expect(wrongWay.chokesFirst).toBe(0);
  });
  it("has a log-normal spread with its mass and its median", () => {
    const loads = logNormalLoads(25, 2.2, 0.6, 25);
    expect(loads.reduce((sum, l) => sum + l.gramsPerLitre, 0)).toBeCloseTo(0.6, 12);
    expect(loads[12]?.diameterUm).toBeCloseTo(25, 6);
  });
});

describe("the trend", () => {
  const run = (litres: number, seconds: number, viscosityPaS = 0.06): BagRun => ({ litres, seconds, viscosityPaS });
  const usual = [run(80, 4200), run(75, 4000), run(82, 4500)];
  const nothing = { settlerFullShare: null, suctionAboveLayerMm: null };
  it("says nothing without earlier bags, and of a usual one no cause", () => {
    expect(bagTrend(run(80, 4200), [], nothing)).toBeNull();
    expect(bagTrend(run(78, 4300), usual, nothing)).toMatchObject({ cause: null, earlierBags: 3 });
  });
  it("names the settler, the layer, the cold, or else the lot", () => {
    const bad = run(60, 9000);
    expect(bagTrend(bad, usual, { ...nothing, settlerFullShare: 0.95 })?.cause).toBe("settler-full");
    expect(bagTrend(bad, usual, { ...nothing, suctionAboveLayerMm: 5 })?.cause).toBe("bottom-layer");
    expect(bagTrend(bad, usual, { settlerFullShare: 0.2, suctionAboveLayerMm: 40 })?.cause).toBe("dirtier-lot");
    expect(bagTrend(run(60, 9000, 0.25), usual, { ...nothing, settlerFullShare: 1 })?.cause).toBe("colder-oil");
  });
});

describe("mesh and micron", () => {
  it("go opposite ways", () => {
    for (const [i, [, um]] of US_SIEVES.entries()) if (i > 0) expect(um).toBeLessThan(US_SIEVES[i - 1]?.[1] ?? 0);
    expect(umOfMesh(200)).toBe(75);
    expect(umOfMesh(199)).toBeNull();
    expect(meshThatHolds(90)).toBe(170);
    expect(meshThatHolds(20)).toBeNull();
  });
});
