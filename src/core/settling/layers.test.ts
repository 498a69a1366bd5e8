import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { VesselForm } from "../vessels";
import { drawOffLine, layersOf, muckTopMm, oilTopMm } from ".";

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

it("draws off above the layer and its margin, and not at all where that is over the surface", () => {
  const drum: VesselForm = { shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 };
  const line = drawOffLine(drum, 188, 733, 41, 25);
  expect(line?.drawOffMm).toBe(66);
  expect((line?.aboveLitres ?? 0) + (line?.heelLitres ?? 0)).toBeCloseTo(188, 9);
  expect(drawOffLine(drum, 10, 39, 20, 25)).toBeNull();
});

describe("what floats", () => {
  const drum = { shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 } as const;
  const parts = [
    { component: "canola" as const, litres: 150 },
    { component: "sludge" as const, litres: 2 },
  ];
  it("is a layer on top, as thick as it was read, and stays behind above", () => {
    const layers = layersOf(drum, parts, { scumMm: 30 });
    const top = layers.at(-1);
    expect(top?.kind).toBe("scum");
    expect((top?.toMm ?? 0) - (top?.fromMm ?? 0)).toBeCloseTo(30, 9);
    expect(oilTopMm(layers)).toBeCloseTo(top?.fromMm ?? 0, 9);
    expect(muckTopMm(layers)).toBeLessThan(30);
  });
  it("never reaches below the fat, however thick it is said to be", () => {
    const layers = layersOf(drum, parts, { fatMm: 60, scumMm: 5000 });
    expect(layers.find((l) => l.kind === "scum")?.fromMm).toBeCloseTo(60, 9);
  });
});
