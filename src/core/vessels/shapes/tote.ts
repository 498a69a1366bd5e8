import { litresBySection } from "../section";
import { litresFromMm3, type ShapeModel } from "../shape";
import { segmentMm2 } from "./lyingCylinder";

export interface Tote {
  readonly kind: "tote";
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly edgeRadiusMm: number;
  /** How much lower its floor is at the outlet than at the far end. */
  readonly slopeMm: number;
}

/** Plan area of a rounded rectangle from one end as far as `reachMm` along its length. */
function planMm2({ lengthMm, widthMm, edgeRadiusMm }: Tote, reachMm: number): number {
  const r = Math.min(edgeRadiusMm, lengthMm / 2, widthMm / 2);
  const reach = Math.min(reachMm, lengthMm);
  const nearEnd = Math.min(reach, r);
  const farEnd = Math.max(0, reach - (lengthMm - r));
  // Between two rounded edges: a strip with half a circle's segment on either side of it.
  const first = nearEnd * (widthMm - 2 * r) + segmentMm2(2 * r, nearEnd);
  const last = farEnd * (widthMm - 2 * r) + segmentMm2(2 * r, r + farEnd) - segmentMm2(2 * r, r);
  return first + (reach - nearEnd - farEnd) * widthMm + last;
}

/** A cage of a thousand litres: rounded edges and a floor that slopes to the outlet. */
export const tote: ShapeModel<Tote> = {
  kind: "tote",
  measures: [
    { key: "lengthMm", name: "Length, inside" },
    { key: "widthMm", name: "Width, inside" },
    { key: "edgeRadiusMm", name: "Radius of its upright edges" },
    { key: "slopeMm", name: "Fall of its floor to the outlet" },
  ],
  litres(s, h) {
    const wedge = Math.min(h, s.slopeMm);
    const below = litresBySection((y) => planMm2(s, (s.lengthMm * y) / s.slopeMm), 0, wedge);
    return below + litresFromMm3(planMm2(s, s.lengthMm) * (h - wedge));
  },
  widthMm: (s, h) => s.lengthMm * Math.min(1, h / s.slopeMm),
  maxHeightMm: () => Number.POSITIVE_INFINITY,
  bendsMm: (s) => [s.slopeMm],
  look: () => "tote",
  presets: [
    {
      name: "1,000 L tote",
      shape: { kind: "tote", lengthMm: 1130, widthMm: 940, edgeRadiusMm: 100, slopeMm: 25 },
      rimMm: 975,
    },
  ],
};
