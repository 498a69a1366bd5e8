import { bendsMm, type Shape, type VesselForm, widthAtHeightMm } from "@/core/vessels";

/** A drawing's coordinates: x from the middle, y down from the rim, in pixels. */
export interface Scale {
  readonly pxPerMm: number;
}

const STEPS = 24;

/** Heights at which the profile bends; straight-sided shapes need only their ends. */
function heights(shape: Shape, from: number, to: number): number[] {
  const bends = bendsMm(shape);
  if (bends) return [from, ...bends.filter((mm) => from < mm && mm < to), to];
  return Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS);
}

/** SVG path of the slice of a vessel between two heights. */
export function slicePath(form: VesselForm, fromMm: number, toMm: number, { pxPerMm }: Scale): string {
  const points = heights(form.shape, fromMm, toMm).map((h) => ({
    x: (widthAtHeightMm(form.shape, h) * pxPerMm) / 2,
    y: (form.rimMm - h) * pxPerMm,
  }));
  const right = points.map((p) => `${p.x.toFixed(2)} ${p.y.toFixed(2)}`);
  const left = [...points].reverse().map((p) => `${(-p.x).toFixed(2)} ${p.y.toFixed(2)}`);
  return `M${[...right, ...left].join("L")}Z`;
}

export function widestMm(form: VesselForm): number {
  return Math.max(...heights(form.shape, 0, form.rimMm).map((h) => widthAtHeightMm(form.shape, h)));
}
