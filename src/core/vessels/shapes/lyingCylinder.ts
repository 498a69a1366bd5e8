import { litresFromMm3, type ShapeModel } from "../shape";

export interface LyingCylinder {
  readonly kind: "lying-cylinder";
  readonly diameterMm: number;
  readonly lengthMm: number;
}

/**
 * A segment of a circle, r²·acos((r−h)/r) − (r−h)·√(2rh − h²). Written by its half angle θ as r²·(θ − ½ sin 2θ), which
 * does not lose the last spoonful to the difference of two large numbers.
 */
export function segmentMm2(diameterMm: number, depthMm: number): number {
  const depth = Math.min(Math.max(depthMm, 0), diameterMm);
  const halfAngle = 2 * Math.asin(Math.sqrt(depth / diameterMm));
  return (diameterMm / 2) ** 2 * (halfAngle - Math.sin(2 * halfAngle) / 2);
}

/** Lying: the segment times the length. Seen from the side. */
export const lyingCylinder: ShapeModel<LyingCylinder> = {
  kind: "lying-cylinder",
  measures: [
    { key: "diameterMm", name: "Across, inside" },
    { key: "lengthMm", name: "Length, inside" },
  ],
  litres: (s, h) => litresFromMm3(segmentMm2(s.diameterMm, h) * s.lengthMm),
  widthMm: (s) => s.lengthMm,
  maxHeightMm: (s) => s.diameterMm,
  bendsMm: () => [],
  look: () => "lying",
  presets: [
    {
      name: "Lying 200 L drum",
      shape: { kind: "lying-cylinder", diameterMm: 571.5, lengthMm: 850 },
      rimMm: 571.5,
    },
  ],
};
