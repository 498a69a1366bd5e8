import { litresFromMm3, mm3FromLitres, type ShapeModel } from "../shape";

export interface SquareCarton {
  readonly kind: "square-carton";
  readonly sideMm: number;
  /** The bag inside rounds off the carton's upright edges. */
  readonly edgeRadiusMm: number;
}

const planMm2 = (s: SquareCarton): number =>
  s.sideMm ** 2 - (4 - Math.PI) * Math.min(s.edgeRadiusMm, s.sideMm / 2) ** 2;

/** As wide as it is deep, its upright edges rounded. */
export const squareCarton: ShapeModel<SquareCarton> = {
  kind: "square-carton",
  measures: [
    { key: "sideMm", name: "Side, inside" },
    { key: "edgeRadiusMm", name: "Radius of its upright edges" },
  ],
  litres: (s, h) => litresFromMm3(planMm2(s) * h),
  heightMm: (s, litres) => mm3FromLitres(litres) / planMm2(s),
  widthMm: (s) => s.sideMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
  bendsMm: () => [],
  look: () => "carton",
  presets: [
    { name: "20 L square carton", shape: { kind: "square-carton", sideMm: 245, edgeRadiusMm: 25 }, rimMm: 345 },
  ],
};
