import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type OnEarth, onEarth, spotOf } from ".";

const degrees = (max: number) => fc.double({ min: -max, max, noNaN: true });
const home = fc.record({ latitude: degrees(65), longitude: degrees(180) });
const nearby = fc.record({ eastKm: degrees(300), northKm: degrees(300) });

/** Great circle by the haversine. */
function greatCircleKm(a: OnEarth, b: OnEarth): number {
  const radians = (d: number): number => (d * Math.PI) / 180;
  const h =
    Math.sin(radians(b.latitude - a.latitude) / 2) ** 2 +
    Math.cos(radians(a.latitude)) *
      Math.cos(radians(b.latitude)) *
      Math.sin(radians(b.longitude - a.longitude) / 2) ** 2;
  return 2 * 6371.0088 * Math.asin(Math.sqrt(h));
}

describe("the schematic map", () => {
  it("comes back to the same spot, over the date line too", () => {
    fc.assert(
      fc.property(home, nearby, (from, spot) => {
        const back = spotOf(from, onEarth(from, spot));
        expect(back.eastKm).toBeCloseTo(spot.eastKm, 6);
        expect(back.northKm).toBeCloseTo(spot.northKm, 6);
        expect(Math.abs(onEarth(from, spot).longitude)).toBeLessThanOrEqual(180);
      }),
    );
  });
  it("is right to one in a hundred of the great circle", () => {
    fc.assert(
      fc.property(home, nearby, (from, spot) => {
        const there = onEarth(from, spot);
        const flat = Math.hypot(spot.eastKm, spot.northKm);
        expect(Math.abs(greatCircleKm(from, there) - flat)).toBeLessThanOrEqual(0.01 * flat + 1e-6);
      }),
    );
  });
});
