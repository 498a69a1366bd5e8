import { bisect, Refused, requireRange } from "../numerics";
import { litresAtHeight, maxHeightMm } from "./litres";
import { modelOf, type Shape } from "./shapes";

/** No vessel of a shed is taller: where an upright shape without an end is looked for. */
const TALLEST_MM = 20_000;

/**
 * Height in mm at which to stop after pouring so many litres, as measured, on what stands at a height; 1e-9 of it.
 * Refuses more than the shape holds.
 */
export function pourMarkMm(shape: Shape, fromMm: number, addLitres: number): number {
  const top = Math.min(TALLEST_MM, maxHeightMm(shape));
  requireRange("fromMm", fromMm, 0, top);
  const litres = litresAtHeight(shape, fromMm) + addLitres;
  if (litres > litresAtHeight(shape, top)) throw new Refused("addLitres", "more than goes in above that height");
  const model = modelOf(shape);
  return model.heightMm?.(shape, litres) ?? bisect((mm) => model.litres(shape, mm) - litres, fromMm, top);
}
