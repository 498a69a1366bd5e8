import { litresFromMm3, type ShapeModel } from "../shape";
import { segmentMm2 } from "./lyingCylinder";

export interface EllipticTank {
  readonly kind: "elliptic-tank";
  readonly heightMm: number;
  readonly widthMm: number;
  readonly lengthMm: number;
}

/** Lying, with an ellipse for its end: a circle's segment, as much wider as the ellipse is. Seen from the side. */
export const ellipticTank: ShapeModel<EllipticTank> = {
  kind: "elliptic-tank",
  measures: [
    { key: "heightMm", name: "Height of the ellipse, inside" },
    { key: "widthMm", name: "Width of the ellipse, inside" },
    { key: "lengthMm", name: "Length, inside" },
  ],
  litres: (s, h) => litresFromMm3(segmentMm2(s.heightMm, h) * (s.widthMm / s.heightMm) * s.lengthMm),
  widthMm: (s) => s.lengthMm,
  maxHeightMm: (s) => s.heightMm,
  bendsMm: () => [],
  look: () => "lying",
  presets: [
    {
      name: "300 L elliptic tank",
      shape: { kind: "elliptic-tank", heightMm: 500, widthMm: 800, lengthMm: 960 },
      rimMm: 500,
    },
  ],
};
