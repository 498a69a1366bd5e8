import { type FluidLitres, isPetrol } from "../fluids";

/** What a blend's make-up asks for, whatever its viscosity. Source: physics §2. */
export type BlendCaution =
  | "too-much-fat"
  | "petrol-must-stand-outside"
  | "cetane-low"
  | "engine-oil-sludge-to-recycler";

export const LEAST_CETANE = 40;

export function blendCautions(parts: readonly FluidLitres[], cetane: number, fatLimitShare: number): BlendCaution[] {
  const litres = parts.reduce((sum, p) => sum + p.litres, 0);
  const share = (is: (p: FluidLitres) => boolean): number =>
    parts.reduce((sum, p) => (is(p) ? sum + p.litres : sum), 0) / litres;
  const found: [BlendCaution, boolean][] = [
    ["too-much-fat", share((p) => p.fluid.family === "fat") > fatLimitShare],
    ["petrol-must-stand-outside", share((p) => isPetrol(p.fluid)) > 0],
    ["cetane-low", cetane < LEAST_CETANE],
    ["engine-oil-sludge-to-recycler", share((p) => p.fluid.family === "engine") > 0],
  ];
  return found.flatMap(([caution, holds]) => (holds ? [caution] : []));
}
