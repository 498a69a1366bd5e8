import { type FluidLitres, holdsPetrol } from "../fluids";

/** What a blend's make-up asks for, whatever its viscosity. Source: physics §2. */
export type BlendCaution =
  | "too-much-fat"
  | "petrol-must-stand-outside"
  | "cetane-low"
  | "engine-oil-sludge-to-recycler";

export const LEAST_CETANE = 40;

export function blendCautions(parts: readonly FluidLitres[], cetane: number, fatLimitShare: number): BlendCaution[] {
  let [all, fat, engine] = [0, 0, 0];
  for (const { fluid, litres } of parts) {
    all += litres;
    if (fluid.family === "fat") fat += litres;
    if (fluid.family === "engine") engine += litres;
  }
  const found: BlendCaution[] = [];
  if (fat > fatLimitShare * all) found.push("too-much-fat");
  if (holdsPetrol(parts)) found.push("petrol-must-stand-outside");
  if (cetane < LEAST_CETANE) found.push("cetane-low");
  if (engine > 0) found.push("engine-oil-sludge-to-recycler");
  return found;
}
