import { CARRIED_LITRES, litresFromMm3, mm3FromLitres, type ShapeModel } from "../shape";

export interface Cylinder {
  readonly kind: "cylinder";
  readonly diameterMm: number;
}

/** Upright: πd²/4·h. */
/** From here on it is a drum, and no tub. */
const DRUM_LITRES = 100;

export const cylinder: ShapeModel<Cylinder> = {
  kind: "cylinder",
  measures: [{ key: "diameterMm", name: "Across, inside" }],
  litres: (s, h) => litresFromMm3((Math.PI / 4) * s.diameterMm ** 2 * h),
  heightMm: (s, litres) => mm3FromLitres(litres) / ((Math.PI / 4) * s.diameterMm ** 2),
  widthMm: (s) => s.diameterMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
  bendsMm: () => [],
  look: (litres) => (litres <= CARRIED_LITRES ? "pail" : litres < DRUM_LITRES ? "tub" : "drum"),
  presets: [
    { name: "200 L drum", shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850 },
    { name: "60 L tub", shape: { kind: "cylinder", diameterMm: 420 }, rimMm: 450 },
    { name: "25 L pail", shape: { kind: "cylinder", diameterMm: 300 }, rimMm: 360 },
    { name: "10 L bottle", shape: { kind: "cylinder", diameterMm: 220 }, rimMm: 265, look: "bottle" },
  ],
};
