import { litresFromMm3, type Shape, type ShapeModel } from "../shape";

type ConeCylinder = Extract<Shape, { kind: "cone-cylinder" }>;

const widthMm = (s: ConeCylinder, h: number): number =>
  h >= s.coneHeightMm ? s.diameterMm : s.outletDiameterMm + (s.diameterMm - s.outletDiameterMm) * (h / s.coneHeightMm);

const frustumMm3 = (d1: number, d2: number, h: number): number => (Math.PI / 12) * h * (d1 ** 2 + d1 * d2 + d2 ** 2);

/** A cone from the outlet's diameter up to the full one, then a cylinder. */
export const coneCylinder: ShapeModel<ConeCylinder> = {
  litres(s, h) {
    const inCone = Math.min(h, s.coneHeightMm);
    const above = Math.max(0, h - s.coneHeightMm);
    return litresFromMm3(
      frustumMm3(s.outletDiameterMm, widthMm(s, inCone), inCone) + (Math.PI / 4) * s.diameterMm ** 2 * above,
    );
  },
  widthMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
};
