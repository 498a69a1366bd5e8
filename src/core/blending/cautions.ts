import { holdsPetrol } from "../fluids";
import { fatLetThroughShare } from "./fatLetThrough";
import type { MixPart } from "./mix";

/** What a blend's make-up asks for, whatever its viscosity. Source: physics §2. */
export type BlendCaution =
  | "too-much-fat"
  | "petrol-must-stand-outside"
  | "cetane-low"
  | "engine-oil-sludge-to-recycler";

export const LEAST_CETANE = 40;

/**
 * `fatLimitShare` is the owner's mark whatever the weather. Colder than some low less stays dissolved, and that is then
 * the limit: what falls out on standing there is too much.
 */
export function blendCautions(
  parts: readonly MixPart[],
  cetane: number,
  fatLimitShare: number,
  lowCelsius: number,
): BlendCaution[] {
  let [all, fat, engine] = [0, 0, 0];
  for (const { fluid, litres } of parts) {
    all += litres;
    if (fluid.family === "fat") fat += litres;
    if (fluid.family === "engine") engine += litres;
  }
  const found: BlendCaution[] = [];
  const letThrough = Math.min(fatLimitShare, fatLetThroughShare(parts, lowCelsius) ?? 1);
  if (fat > letThrough * all) found.push("too-much-fat");
  if (holdsPetrol(parts)) found.push("petrol-must-stand-outside");
  if (cetane < LEAST_CETANE) found.push("cetane-low");
  if (engine > 0) found.push("engine-oil-sludge-to-recycler");
  return found;
}
