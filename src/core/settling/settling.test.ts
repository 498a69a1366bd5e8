import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { VesselForm } from "../vessels";
import {
  DIRT,
  fallMmAt,
  fallRateMmPerHour,
  forecastSettling,
  hoursToFall,
  layersOf,
  muckTopMm,
  oilOf,
  type TemperaturePoint,
} from ".";

const oil = oilOf("canola", 1.15);
const fines = DIRT["light-fryer"][2];
if (!fines) throw new Error("no fines");
const far = 1e9;

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
        const hours = hoursToFall(fines, oil, t, mm);
        expect(hours).not.toBeNull();
        expect(fallMmAt(fines, oil, t, hours ?? 0, far)).toBeCloseTo(mm, 5);
      }),
    );
  });
  it("at one temperature it is depth over rate", () => {
    expect(hoursToFall(fines, oil, [[0, 11]], 600)).toBeCloseTo(600 / fallRateMmPerHour(fines, oil, 11), 9);
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
        oil,
        [
          [-10, 5],
          [10, 25],
        ],
        50,
      ) ?? 0;
    const same =
      hoursToFall(
        fines,
        oil,
        [
          [0, 15],
          [10, 25],
        ],
        50,
      ) ?? 0;
    expect(early).toBeCloseTo(same, 9);
    expect(hoursToFall(fines, oil, [[48, 12]], 50)).toBeCloseTo(hoursToFall(fines, oil, [[0, 12]], 50) ?? 0, 9);
  });
  it("never clears what floats, and stops asking past the bottom", () => {
    const light = { name: "foam", diameterUm: 50, density: { kind: "fixed" as const, kgPerM3: 700 } };
    expect(hoursToFall(light, oil, [[0, 11]], 10)).toBeNull();
    expect(hoursToFall(fines, oil, [[0, 11]], 0)).toBe(0);
    expect(
      fallMmAt(
        fines,
        oil,
        [
          [0, 11],
          [100, 12],
          [200, 12],
          [300, 12],
        ],
        5000,
        20,
      ),
    ).toBeLessThan(700);
  });
  it("falls as water in ice-cold oil too", () => {
    const drops = DIRT["light-fryer"][1];
    if (!drops) throw new Error("no drops");
    expect(fallRateMmPerHour(drops, oil, -12)).toBeGreaterThan(0);
  });
});

describe("a forecast", () => {
  const ask = (hours: number) =>
    forecastSettling({
      classes: DIRT["meaty-fryer"],
      oil,
      temperatures: [[0, 11]],
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
});

describe("layers", () => {
  const drum: VesselForm = { shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 };
  const parts = [
    { component: "canola" as const, litres: 180 },
    { component: "fryer-fat" as const, litres: 4 },
    { component: "water" as const, litres: 2 },
    { component: "sludge" as const, litres: 2 },
  ];
  const heights = (dip: Parameters<typeof layersOf>[2]) =>
    layersOf(drum, parts, dip).map((l) => [l.kind, Math.round(l.toMm)]);
  it("lie in order from the bottom, muck loose", () => {
    expect(heights(null)).toEqual([
      ["sludge", 16],
      ["water", 23],
      ["fat", 55],
      ["oil", 733],
    ]);
    expect(muckTopMm(layersOf(drum, parts, null))).toBeCloseTo(54.6, 0);
  });
  it("believe the stick", () => {
    expect(heights({ fatMm: 41, waterMm: 9 })).toEqual([
      ["sludge", 6],
      ["water", 9],
      ["fat", 41],
      ["oil", 733],
    ]);
    expect(heights({ fatMm: 12 }).find(([kind]) => kind === "fat")).toBeUndefined();
  });
  it("are none in an empty vessel", () => expect(layersOf(drum, [], null)).toEqual([]));
  it("always stack without gaps or overlaps, whatever the stick says", () => {
    fc.assert(
      fc.property(
        fc.option(fc.nat({ max: 900 }), { nil: undefined }),
        fc.option(fc.nat({ max: 900 }), { nil: undefined }),
        (fatMm, waterMm) => {
          const layers = layersOf(drum, parts, { fatMm, waterMm });
          layers.forEach((l, i) => {
            expect(l.toMm).toBeGreaterThan(l.fromMm);
            if (i > 0) expect(l.fromMm).toBeGreaterThanOrEqual((layers[i - 1]?.toMm ?? 0) - 0.06);
          });
          expect(layers.at(-1)?.toMm ?? 0).toBeLessThanOrEqual(733.5);
        },
      ),
    );
  });
});
