import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  areaAtHeightM2,
  capacityLitres,
  heightAtLitres,
  litresAtHeight,
  type Shape,
  type VesselForm,
  widthAtHeightMm,
} from ".";

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const shape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant("cylinder" as const), diameterMm: mm(50, 2000) }),
  fc.record({ kind: fc.constant("lying-cylinder" as const), diameterMm: mm(100, 2000), lengthMm: mm(100, 4000) }),
  fc.record({ kind: fc.constant("box" as const), lengthMm: mm(50, 3000), widthMm: mm(50, 3000) }),
  fc.record({
    kind: fc.constant("cone-cylinder" as const),
    diameterMm: mm(200, 1500),
    coneHeightMm: mm(50, 800),
    outletDiameterMm: mm(10, 150),
  }),
  fc.array(fc.tuple(mm(5, 80), mm(0.1, 30)), { minLength: 1, maxLength: 20 }).map((steps) => {
    let [height, litres] = [0, 0];
    const points = steps.map(([dh, dl]): [number, number] => {
      height += dh;
      litres += dl;
      return [height, litres];
    });
    return { kind: "table" as const, points };
  }),
);

const rimOf = (s: Shape): number =>
  s.kind === "lying-cylinder" ? s.diameterMm : s.kind === "table" ? (s.points.at(-1)?.[0] ?? 0) : 900;

const form: fc.Arbitrary<VesselForm> = shape.map((s) => ({ shape: s, rimMm: rimOf(s) }));
const share = fc.double({ min: 0, max: 1, noNaN: true });

describe("every shape", () => {
  it("gives the height of its litres and the litres of its height", () => {
    fc.assert(
      fc.property(form, share, (v, s) => {
        const litres = capacityLitres(v) * s;
        expect(litresAtHeight(v.shape, heightAtLitres(v, litres))).toBeCloseTo(litres, 5);
      }),
    );
  });
  it("never holds less when filled higher, and nothing at the bottom", () => {
    fc.assert(
      fc.property(form, share, share, (v, a, b) => {
        const [low, high] = [Math.min(a, b) * v.rimMm, Math.max(a, b) * v.rimMm];
        expect(litresAtHeight(v.shape, high)).toBeGreaterThanOrEqual(litresAtHeight(v.shape, low) - 1e-6);
        expect(litresAtHeight(v.shape, 0)).toBeCloseTo(0, 9);
        expect(widthAtHeightMm(v.shape, high)).toBeGreaterThanOrEqual(0);
      }),
    );
  });
  it("refuses heights and litres it does not have", () => {
    fc.assert(
      fc.property(form, (v) => {
        expect(() => heightAtLitres(v, capacityLitres(v) * 1.01 + 0.1)).toThrow("litres");
        expect(() => litresAtHeight(v.shape, -1)).toThrow("heightMm");
      }),
    );
  });
});

it("knows a 200 L drum and its plan area", () => {
  const drum: VesselForm = { shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 };
  expect(capacityLitres(drum)).toBeCloseTo(218, 0);
  expect(areaAtHeightM2(drum, 400)).toBeCloseTo(0.2565, 3);
  expect(areaAtHeightM2(drum, 850)).toBeCloseTo(0.2565, 3);
});
