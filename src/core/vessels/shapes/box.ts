import { litresFromMm3, type Shape, type ShapeModel } from "../shape";

export const box: ShapeModel<Extract<Shape, { kind: "box" }>> = {
  litres: (s, h) => litresFromMm3(s.lengthMm * s.widthMm * h),
  widthMm: (s) => s.lengthMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
};
