import { CARRIED_LITRES, litresFromMm3, mm3FromLitres, type ShapeModel } from "../shape";

export interface Box {
  readonly kind: "box";
  readonly lengthMm: number;
  readonly widthMm: number;
}

export const box: ShapeModel<Box> = {
  kind: "box",
  measures: [
    { key: "lengthMm", name: "Length, inside" },
    { key: "widthMm", name: "Width, inside" },
  ],
  litres: (s, h) => litresFromMm3(s.lengthMm * s.widthMm * h),
  heightMm: (s, litres) => mm3FromLitres(litres) / (s.lengthMm * s.widthMm),
  widthMm: (s) => s.lengthMm,
  maxHeightMm: () => Number.POSITIVE_INFINITY,
  bendsMm: () => [],
  look: (litres) => (litres <= CARRIED_LITRES ? "jerrycan" : "tank"),
  presets: [
    { name: "20 L jerrycan", shape: { kind: "box", lengthMm: 330, widthMm: 160 }, rimMm: 400 },
    { name: "60 L tank", shape: { kind: "box", lengthMm: 500, widthMm: 300 }, rimMm: 420 },
  ],
};
