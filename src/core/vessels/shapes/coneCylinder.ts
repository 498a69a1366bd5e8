import { litresFromMm3, mm3FromLitres, type ShapeModel } from "../shape";

export interface ConeCylinder {
  readonly kind: "cone-cylinder";
  readonly diameterMm: number;
  readonly coneHeightMm: number;
  readonly outletDiameterMm: number;
}

const widthMm = (s: ConeCylinder, h: number): number =>
  h >= s.coneHeightMm ? s.diameterMm : s.outletDiameterMm + (s.diameterMm - s.outletDiameterMm) * (h / s.coneHeightMm);

export const frustumMm3 = (d1: number, d2: number, h: number): number =>
  (Math.PI / 12) * h * (d1 ** 2 + d1 * d2 + d2 ** 2);

/** A cone that widens by less than this a mm is a cylinder to every figure. */
const STRAIGHT = 1e-7;

const diskMm2 = (d: number): number => (Math.PI / 4) * d ** 2;

/** The cone's volume is π/12s·(D³ − d³) with s the widening a mm, so its height is a cube root. */
function heightMm(s: ConeCylinder, litres: number): number {
  const mm3 = mm3FromLitres(litres);
  const cone = frustumMm3(s.outletDiameterMm, s.diameterMm, s.coneHeightMm);
  if (mm3 >= cone) return s.coneHeightMm + (mm3 - cone) / diskMm2(s.diameterMm);
  const widening = (s.diameterMm - s.outletDiameterMm) / s.coneHeightMm;
  if (Math.abs(widening) < STRAIGHT) return mm3 / diskMm2(s.outletDiameterMm);
  const width = Math.cbrt((12 * widening * mm3) / Math.PI + s.outletDiameterMm ** 3);
  return (width - s.outletDiameterMm) / widening;
}

/** A cone from the outlet's diameter up to the full one, then a cylinder. */
export const coneCylinder: ShapeModel<ConeCylinder> = {
  kind: "cone-cylinder",
  measures: [
    { key: "diameterMm", name: "Across, inside" },
    { key: "coneHeightMm", name: "Height of the cone" },
    { key: "outletDiameterMm", name: "Across the outlet" },
  ],
  litres(s, h) {
    const inCone = Math.min(h, s.coneHeightMm);
    const above = Math.max(0, h - s.coneHeightMm);
    return litresFromMm3(frustumMm3(s.outletDiameterMm, widthMm(s, inCone), inCone) + diskMm2(s.diameterMm) * above);
  },
  heightMm,
  widthMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
  bendsMm: (s) => [s.coneHeightMm],
  look: () => "cone",
  coneTopMm: (s) => s.coneHeightMm,
  presets: [
    {
      name: "120 L cone",
      shape: { kind: "cone-cylinder", diameterMm: 460, coneHeightMm: 420, outletDiameterMm: 60 },
      rimMm: 1000,
    },
    {
      name: "60 L kettle",
      shape: { kind: "cone-cylinder", diameterMm: 400, coneHeightMm: 240, outletDiameterMm: 40 },
      rimMm: 640,
      look: "kettle",
    },
  ],
};
