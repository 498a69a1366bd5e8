import { litresFromMm3, type Shape, type ShapeModel } from "../shape";

/** Lying: the circular segment r²·acos((r−h)/r) − (r−h)·√(2rh − h²), times the length. Seen from the side. */
export const lyingCylinder: ShapeModel<Extract<Shape, { kind: "lying-cylinder" }>> = {
  litres(s, h) {
    const r = s.diameterMm / 2;
    const depth = Math.min(Math.max(h, 0), s.diameterMm);
    const segment = r ** 2 * Math.acos((r - depth) / r) - (r - depth) * Math.sqrt(2 * r * depth - depth ** 2);
    return litresFromMm3(segment * s.lengthMm);
  },
  widthMm: (s) => s.lengthMm,
  maxHeightMm: (s) => s.diameterMm,
};
