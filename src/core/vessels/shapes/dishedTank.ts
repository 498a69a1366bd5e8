import { litresFromMm3, type ShapeModel } from "../shape";
import { segmentMm2 } from "./lyingCylinder";

export interface DishedTank {
  readonly kind: "dished-tank";
  readonly diameterMm: number;
  /** Of the straight part. */
  readonly lengthMm: number;
  /** How far each end bulges. */
  readonly dishMm: number;
}

/**
 * Lying, with an end bulged out on either side: half an ellipsoid each. Both together, cut level at y above the axis,
 * are an ellipse π·d/r·(r² − y²), whose sum from the bottom is π·d·h²·(1 − h/3r).
 */
export const dishedTank: ShapeModel<DishedTank> = {
  kind: "dished-tank",
  measures: [
    { key: "diameterMm", name: "Across, inside" },
    { key: "lengthMm", name: "Length of the straight part" },
    { key: "dishMm", name: "How far each end bulges" },
  ],
  litres(s, h) {
    const depth = Math.min(h, s.diameterMm);
    const ends = Math.PI * s.dishMm * depth ** 2 * (1 - (2 * depth) / (3 * s.diameterMm));
    return litresFromMm3(segmentMm2(s.diameterMm, h) * s.lengthMm + ends);
  },
  widthMm: (s, h) => s.lengthMm + 2 * s.dishMm * Math.sqrt(Math.max(0, 1 - ((2 * h) / s.diameterMm - 1) ** 2)),
  maxHeightMm: (s) => s.diameterMm,
  bendsMm: () => null,
  look: () => "lying",
  presets: [
    {
      name: "500 L dished tank",
      shape: { kind: "dished-tank", diameterMm: 700, lengthMm: 1120, dishMm: 140 },
      rimMm: 700,
    },
  ],
};
