import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import { fitRuns, minutesThrough, type TimedRun, typicalRunFit } from ".";

const oil = oilOf(FLUIDS.canola, 1.15);
const made = (clean: number, perLitre: number, runs: readonly { litres: number; celsius: number }[]): TimedRun[] => {
  let carriedLitres = 0;
  return runs.map(({ litres, celsius }) => {
    const viscosityPaS = oil.viscosityPaS(celsius);
    const minutes = minutesThrough({ clean, perLitre, runs: 1, spread: null }, litres, carriedLitres, viscosityPaS);
    const run = { litres, minutes, carriedLitres, viscosityPaS };
    carriedLitres += litres;
    return run;
  });
};

describe("a bag's own runs", () => {
  const anyRuns = fc.array(
    fc.record({
      litres: fc.double({ min: 5, max: 90, noNaN: true }),
      celsius: fc.double({ min: 0, max: 45, noNaN: true }),
    }),
    { minLength: 4, maxLength: 12 },
  );
  it("give back what they were made of, however cold each was", () => {
    fc.assert(
      fc.property(
        anyRuns,
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (runs, clean, perLitre) => {
          const fit = fitRuns(made(clean, perLitre, runs));
          expect((fit?.clean ?? 0) / clean).toBeCloseTo(1, 5);
          expect((fit?.perLitre ?? 0) / perLitre).toBeCloseTo(1, 5);
          expect(fit?.runs).toBe(runs.length);
        },
      ),
    );
  });
  it("never say that a bag resists less than nothing, or gets faster as it fills", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            litres: fc.double({ min: 1, max: 90, noNaN: true }),
            minutes: fc.double({ min: 1, max: 600, noNaN: true }),
            carriedLitres: fc.double({ min: 0, max: 900, noNaN: true }),
            viscosityPaS: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
          }),
          { minLength: 1, maxLength: 8 },
        ),
        (runs) => {
          const fit = fitRuns(runs);
          expect(fit?.clean ?? -1).toBeGreaterThanOrEqual(0);
          expect(fit?.perLitre ?? -1).toBeGreaterThanOrEqual(0);
          expect((fit?.clean ?? 0) + (fit?.perLitre ?? 0)).toBeGreaterThan(0);
        },
      ),
    );
    expect(fitRuns([])).toBeNull();
  });
  it("before there are any, a rating says about an hour for 60 L of warm settled oil through 1 µm", () => {
    const minutes = minutesThrough(typicalRunFit(1, 0.5), 60, 0, oil.viscosityPaS(45));
    expect(minutes).toBeGreaterThan(30);
    expect(minutes).toBeLessThan(120);
    expect(minutesThrough(typicalRunFit(5, 0.5), 60, 0, oil.viscosityPaS(45))).toBeLessThan(minutes);
  });

  it("says how far runs lie from it, and one bad run does not widen that", () => {
    const runs = made(
      10,
      0.01,
      [60, 40, 70, 30, 50, 45, 65].map((litres) => ({ litres, celsius: 15 })),
    );
    expect(fitRuns(runs)?.scatter ?? 1).toBeLessThan(1e-9);
    const wild = runs.map((r, i) => ({ ...r, minutes: r.minutes * (i % 2 ? 1.1 : 0.9) }));
    const scatter = fitRuns(wild)?.scatter ?? 0;
    expect(scatter).toBeGreaterThan(0.1);
    expect(scatter).toBeLessThan(0.2);
    const bad = wild.map((r, i) => (i === 3 ? { ...r, minutes: r.minutes * 5 } : r));
    expect(fitRuns(bad)?.scatter ?? 9).toBeLessThan(1);
    expect(fitRuns(runs.slice(0, 2))?.scatter).toBeUndefined();
  });
});
