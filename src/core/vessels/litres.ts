import { bisect, requireRange } from "../numerics";
import type { Shape } from "./shape";
import { modelOf } from "./shapes";

/** Litres below a height in mm. Range: 0 to where the shape ends. */
export function litresAtHeight(shape: Shape, heightMm: number): number {
  const model = modelOf(shape);
  requireRange("heightMm", heightMm, 0, model.maxHeightMm(shape));
  return model.litres(shape, heightMm);
}

/** A vessel is a shape with a rim. */
export interface VesselForm {
  readonly shape: Shape;
  readonly rimMm: number;
}

export const capacityLitres = (v: VesselForm): number => litresAtHeight(v.shape, v.rimMm);

/** Height in mm at which so many litres stand. Range: 0 to the vessel's capacity. */
export function heightAtLitres(v: VesselForm, litres: number): number {
  const capacity = capacityLitres(v);
  requireRange("litres", litres, 0, capacity);
  if (litres === 0) return 0;
  if (litres === capacity) return v.rimMm;
  const model = modelOf(v.shape);
  const found = model.heightMm?.(v.shape, litres);
  if (found === undefined) return bisect((h) => model.litres(v.shape, h) - litres, 0, v.rimMm);
  // A last bit over the rim is rounding, nothing more.
  return Math.min(v.rimMm, found);
}

/** Width in mm of the drawing at a height. */
export const widthAtHeightMm = (shape: Shape, heightMm: number): number => modelOf(shape).widthMm(shape, heightMm);

/** Plan area in m² at a height, by the litres in a thin slice there. */
export function areaAtHeightM2(v: VesselForm, heightMm: number): number {
  const half = Math.max(0.5, v.rimMm / 2000);
  const low = Math.max(0, heightMm - half);
  const high = Math.min(v.rimMm, heightMm + half);
  return (litresAtHeight(v.shape, high) - litresAtHeight(v.shape, low)) / (high - low);
}
