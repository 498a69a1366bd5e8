import { CARRIED_LITRES, type ShapeModel } from "../shape";

export interface Table {
  readonly kind: "table";
  readonly points: readonly (readonly [mm: number, litres: number])[];
}

/** Straight lines between the owner's own (mm, litres) marks, starting from (0, 0). */
function litres(s: Table, h: number): number {
  let [mm0, l0] = [0, 0];
  for (const [mm, l] of s.points) {
    if (h <= mm) return mm === mm0 ? l : l0 + ((l - l0) * (h - mm0)) / (mm - mm0);
    [mm0, l0] = [mm, l];
  }
  return l0;
}

/** The lowest height that holds so much, along the same lines. */
function heightMm(s: Table, wanted: number): number {
  let [mm0, l0] = [0, 0];
  for (const [mm, l] of s.points) {
    if (wanted <= l) return l === l0 ? mm0 : mm0 + ((mm - mm0) * (wanted - l0)) / (l - l0);
    [mm0, l0] = [mm, l];
  }
  return mm0;
}

export const table: ShapeModel<Table> = {
  kind: "table",
  measures: [],
  litres,
  heightMm,
  // Unknown in plan: drawn as the square column that holds the same litres at each height.
  widthMm(s, h) {
    const step = Math.max(1, maxHeightMm(s) / 50);
    const low = Math.max(0, Math.min(h - step / 2, maxHeightMm(s) - step));
    return Math.sqrt(((litres(s, low + step) - litres(s, low)) * 1e6) / step);
  },
  maxHeightMm,
  bendsMm: () => null,
  look: (litres) => (litres <= CARRIED_LITRES ? "pail" : "tub"),
  presets: [{ name: "My own marks", shape: { kind: "table", points: [[400, 20]] }, rimMm: 400 }],
};

function maxHeightMm(s: Table): number {
  return s.points.at(-1)?.[0] ?? 0;
}
