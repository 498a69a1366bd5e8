import { litresFromMm3, type Shape, type ShapeModel } from "../shape";

/**
 * Lying: the circular segment r²·acos((r−h)/r) − (r−h)·√(2rh − h²), times the length. Seen from the side. Written by its
 * half angle θ as r²·(θ − ½ sin 2θ), which does not lose the last spoonful to the difference of two large numbers.
 */
export const lyingCylinder: ShapeModel<Extract<Shape, { kind: "lying-cylinder" }>> = {
  litres(s, h) {
    const r = s.diameterMm / 2;
    const depth = Math.min(Math.max(h, 0), s.diameterMm);
    const halfAngle = 2 * Math.asin(Math.sqrt(depth / s.diameterMm));
    return litresFromMm3(r ** 2 * (halfAngle - Math.sin(2 * halfAngle) / 2) * s.lengthMm);
  },
  widthMm: (s) => s.lengthMm,
  maxHeightMm: (s) => s.diameterMm,
};
