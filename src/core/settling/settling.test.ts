import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUIDS, oilOf } from "../fluids";
import {
  DIRT,
  type DirtClass,
  FallCourse,
  fallRateMmPerHour,
  forecastSettling,
  type HeaterRun,
  SIZE_AS_TYPICAL,
  type TemperaturePoint,
  waitedFor,
} from ".";

const oil = oilOf(FLUIDS.canola, 1.15);
const fines = DIRT["light-fryer"][2];
if (!fines) throw new Error("no fines");
const far = 1e9;
const course = (t: readonly TemperaturePoint[], heaterOn: readonly HeaterRun[] = []) =>
  new FallCourse(oil, t, heaterOn);
const hoursToFall = (dirt: DirtClass, t: readonly TemperaturePoint[], mm: number) => course(t).hoursToFall(dirt, mm);

const curve: fc.Arbitrary<TemperaturePoint[]> = fc
  .array(fc.tuple(fc.double({ min: 1, max: 90, noNaN: true }), fc.double({ min: 2, max: 45, noNaN: true })), {
    minLength: 1,
    maxLength: 8,
  })
  .map((steps) => {
    let hour = 0;
    return steps.map(([dh, c]): TemperaturePoint => {
      hour += dh;
      return [hour, c];
    });
  });

describe("falling", () => {
  it("hours to fall and fall in hours undo each other on any curve of temperatures", () => {
    fc.assert(
      fc.property(curve, fc.double({ min: 1, max: 900, noNaN: true }), (t, mm) => {
        const hours = hoursToFall(fines, t, mm);
        expect(hours).not.toBeNull();
        expect(course(t).fallMmAt(fines, hours ?? 0, far)).toBeCloseTo(mm, 5);
      }),
    );
  });
  it("at one temperature it is depth over rate", () => {
    expect(hoursToFall(fines, [[0, 11]], 600)).toBeCloseTo(600 / fallRateMmPerHour(fines, oil, 11), 9);
  });
  it("is quicker when warmer and for bigger dirt", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (t) => {
        expect(fallRateMmPerHour(fines, oil, t + 1)).toBeGreaterThan(fallRateMmPerHour(fines, oil, t));
        expect(fallRateMmPerHour({ ...fines, diameterUm: 40 }, oil, t) / fallRateMmPerHour(fines, oil, t)).toBeCloseTo(
          4,
          9,
        );
      }),
    );
  });
  it("counts a temperature read before the start, and one that comes late", () => {
    const early =
      hoursToFall(
        fines,
        [
          [-10, 5],
          [10, 25],
        ],
        50,
      ) ?? 0;
    const same =
      hoursToFall(
        fines,
        [
          [0, 15],
          [10, 25],
        ],
        50,
      ) ?? 0;
    expect(early).toBeCloseTo(same, 9);
    expect(hoursToFall(fines, [[48, 12]], 50)).toBeCloseTo(hoursToFall(fines, [[0, 12]], 50) ?? 0, 9);
  });
  it("never clears what floats, and stops asking past the bottom", () => {
    const light = { name: "foam", diameterUm: 50, density: { kind: "fixed" as const, kgPerM3: 700 } };
    expect(hoursToFall(light, [[0, 11]], 10)).toBeNull();
    expect(hoursToFall(fines, [[0, 11]], 0)).toBe(0);
    expect(
      course([
        [0, 11],
        [100, 12],
        [200, 12],
        [300, 12],
      ]).fallMmAt(fines, 5000, 20),
    ).toBeLessThan(700);
  });
  it("falls as water in ice-cold oil too", () => {
    const drops = DIRT["light-fryer"][1];
    if (!drops) throw new Error("no drops");
    expect(fallRateMmPerHour(drops, oil, -12)).toBeGreaterThan(0);
  });
});

describe("a course of temperatures", () => {
  it("falls as the closed form at one temperature and as the plain sum where it changes", () => {
    fc.assert(
      fc.property(
        curve,
        fc.constantFrom(...DIRT["meaty-fryer"]),
        fc.double({ min: 1, max: 700, noNaN: true }),
        (t, dirt, end) => {
          const celsiusAt = (hour: number): number => {
            const after = t.findIndex(([h]) => h >= hour);
            if (after <= 0) return (after === 0 ? t[0] : t.at(-1))?.[1] ?? Number.NaN;
            const [[h0, c0], [h1, c1]] = [t[after - 1] ?? [0, 0], t[after] ?? [0, 0]];
            return c0 + ((c1 - c0) * (hour - h0)) / (h1 - h0);
          };
          const steps = 4000;
          let plain = 0;
          for (let i = 0; i < steps; i++)
            plain += (fallRateMmPerHour(dirt, oil, celsiusAt(((i + 0.5) * end) / steps)) * end) / steps;
          expect(course(t).fallMmAt(dirt, end, far) / plain).toBeCloseTo(1, 4);
        },
      ),
      { numRuns: 40 },
    );
  });
  it("stands still while the heater runs, and goes on after", () => {
    const heated = course([[0, 20]], [[10, 30]]);
    const quiet = course([[0, 20]]);
    expect(heated.fallMmAt(fines, 30, far)).toBeCloseTo(quiet.fallMmAt(fines, 10, far), 9);
    expect(heated.fallMmAt(fines, 75, far)).toBeCloseTo(quiet.fallMmAt(fines, 55, far), 9);
    expect(heated.hoursToFall(fines, 20)).toBeCloseTo((quiet.hoursToFall(fines, 20) ?? 0) + 20, 6);
  });
  it("has no answer for water above its boil", () => {
    const drops = DIRT["light-fryer"][1];
    if (!drops) throw new Error("no drops");
    expect(() => course([[0, 105]]).fallMmAt(drops, 5, far)).toThrow("temperatures");
    expect(course([[0, 105]]).fallMmAt(fines, 5, far)).toBeGreaterThan(0);
  });
});

describe("a forecast", () => {
  const ask = (hours: number) =>
    forecastSettling({
      classes: waitedFor("meaty-fryer", 20),
      course: course([[0, 11]]),
      size: SIZE_AS_TYPICAL,
      surfaceMm: 700,
      drawOffMm: 60,
      hours,
    });
  it("waits for the slowest, within its range", () => {
    const f = ask(0);
    expect(f.slowest).toBe("fines 20 µm");
    expect(f.earliestHours ?? 0).toBeLessThan(f.readyHours ?? 0);
    expect(f.readyHours ?? 0).toBeLessThan(f.latestHours ?? 0);
    expect((f.latestHours ?? 0) / (f.readyHours ?? 1)).toBeCloseTo(1 / 0.64, 6);
  });
  it("nothing has cleared at the start and everything at the end", () => {
    expect(ask(0).fronts.every((f) => f.hanging === 1 && f.clearedAboveMm === 700)).toBe(true);
    expect(ask((ask(0).readyHours ?? 0) + 1).fronts.every((f) => f.hanging === 0)).toBe(true);
  });
  it("fronts only go down with time", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1500, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (h, more) => {
          const [before, after] = [ask(h), ask(h + more)];
          after.fronts.forEach((f, i) => {
            expect(f.clearedAboveMm).toBeLessThanOrEqual((before.fronts[i]?.clearedAboveMm ?? 0) + 1e-9);
          });
        },
      ),
    );
  });
  it("leaves scum to be skimmed: it holds nothing up", () => {
    const foam = { name: "foam", diameterUm: 50, density: { kind: "fixed" as const, kgPerM3: 700 } };
    const f = forecastSettling({
      classes: [foam, fines],
      course: course([[0, 11]]),
      size: SIZE_AS_TYPICAL,
      surfaceMm: 700,
      drawOffMm: 60,
      hours: 30,
    });
    expect(f.slowest).toBe("fines 20 µm");
    expect(f.fronts[0]).toMatchObject({ floats: true, clearHours: null, clearedAboveMm: 700 });
  });
  it("takes the grain size that readings gave, and their spread for its range", () => {
    const size = { value: 1.5, spread: 0.15 };
    const q = { classes: [fines], course: course([[0, 11]]), surfaceMm: 700, drawOffMm: 60, hours: 0 };
    const typical = forecastSettling({ ...q, size: SIZE_AS_TYPICAL });
    const fitted = forecastSettling({ ...q, size });
    expect((typical.readyHours ?? 0) / (fitted.readyHours ?? 1)).toBeCloseTo(2.25, 6);
    expect((fitted.latestHours ?? 0) / (fitted.readyHours ?? 1)).toBeCloseTo(1 / 0.81, 6);
  });
});
