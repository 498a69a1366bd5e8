import { litresFromMm3, type ShapeModel } from "../shape";
import { frustumMm3 } from "./coneCylinder";

export interface TaperedPail {
  readonly kind: "tapered-pail";
  readonly bottomDiameterMm: number;
  readonly topDiameterMm: number;
  /** Between the two. */
  readonly heightMm: number;
}

const widthMm = (s: TaperedPail, h: number): number =>
  s.bottomDiameterMm + ((s.topDiameterMm - s.bottomDiameterMm) * h) / s.heightMm;

/** Wider at the top, so that pails stand in one another: a slice of a cone. */
export const taperedPail: ShapeModel<TaperedPail> = {
  kind: "tapered-pail",
  measures: [
    { key: "bottomDiameterMm", name: "Across the bottom, inside" },
    { key: "topDiameterMm", name: "Across the top, inside" },
    { key: "heightMm", name: "Height between the two" },
  ],
  litres: (s, h) => litresFromMm3(frustumMm3(s.bottomDiameterMm, widthMm(s, h), h)),
  widthMm,
  maxHeightMm: (s) => s.heightMm,
  bendsMm: () => [],
  look: () => "pail",
  presets: [
    {
      name: "20 L tapered pail",
      shape: { kind: "tapered-pail", bottomDiameterMm: 255, topDiameterMm: 290, heightMm: 345 },
      rimMm: 345,
    },
  ],
};
