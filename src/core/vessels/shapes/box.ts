import { litresFromMm3, mm3FromLitres, type Shape, type ShapeModel } from "../shape";

export const box: ShapeModel<Extract<Shape, { kind: "box" }>> = {
  litres: (s, h) => litresFromMm3(s.lengthMm * s.widthMm * h),
  heightMm: (s, litres) => mm3FromLitres(litres) / (s.lengthMm * s.widthMm),
  widthMm: (s) => s.lengthMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
};
