import { bisect, requireRange } from "../numerics";
import type { VesselLook } from "./looks";
import { modelOf, type Shape } from "./shapes";

/** Where the tallest possible liquid stands; without end where only the rim limits it. */
export const maxHeightMm = (shape: Shape): number => modelOf(shape).maxHeightMm(shape);

/** A rim above its own shape: such a vessel can be neither drawn nor filled until it is measured again. */
export const isBroken = (v: VesselForm): boolean => v.rimMm > maxHeightMm(v.shape);

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

/** What a vessel of the yard holds to its rim; a broken one is not known to hold anything. */
export const holdsLitres = (v: VesselForm): number => (isBroken(v) ? 0 : capacityLitres(v));

/** Layers that fill a vessel to its rim may add up to a last bit more than it holds. */
const ROUNDING = 1 + 1e-9;

/** Height in mm at which so many litres stand. Range: 0 to the vessel's capacity. */
export function heightAtLitres(v: VesselForm, litres: number): number {
  const capacity = capacityLitres(v);
  requireRange("litres", litres, 0, capacity * ROUNDING);
  if (litres === 0) return 0;
  if (litres >= capacity) return v.rimMm;
  const model = modelOf(v.shape);
  const found = model.heightMm?.(v.shape, litres);
  if (found === undefined) return bisect((h) => model.litres(v.shape, h) - litres, 0, v.rimMm);
  // A last bit over the rim is rounding, nothing more.
  return Math.min(v.rimMm, found);
}

/** Where a cone or taper ends and the sides stand; null where it has none. */
export const coneTopMm = (shape: Shape): number | null => modelOf(shape).coneTopMm?.(shape) ?? null;

/** Heights between which its sides are drawn straight; null: they curve. */
export const bendsMm = (shape: Shape): readonly number[] | null => modelOf(shape).bendsMm(shape);

/** What a container usually is, by its shape and by what it holds. */
export const usualLook = (form: VesselForm): VesselLook => modelOf(form.shape).look(holdsLitres(form));

/** Width in mm of the drawing at a height. */
export const widthAtHeightMm = (shape: Shape, heightMm: number): number => modelOf(shape).widthMm(shape, heightMm);

/** Plan area in m² at a height, by the litres in a thin slice there. */
export function areaAtHeightM2(v: VesselForm, heightMm: number): number {
  const half = Math.max(0.5, v.rimMm / 2000);
  const low = Math.max(0, heightMm - half);
  const high = Math.min(v.rimMm, heightMm + half);
  return (litresAtHeight(v.shape, high) - litresAtHeight(v.shape, low)) / (high - low);
}
