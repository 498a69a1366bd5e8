import { litresFromMm3, mm3FromLitres, type Shape, type ShapeModel } from "../shape";

/** Upright: πd²/4·h. */
export const cylinder: ShapeModel<Extract<Shape, { kind: "cylinder" }>> = {
  litres: (s, h) => litresFromMm3((Math.PI / 4) * s.diameterMm ** 2 * h),
  heightMm: (s, litres) => mm3FromLitres(litres) / ((Math.PI / 4) * s.diameterMm ** 2),
  widthMm: (s) => s.diameterMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
};
