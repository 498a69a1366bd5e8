import { waterDensityKgPerM3 } from "../fluids";
import type { SettlingOil } from "./oil";

/** How heavy a dirt class is: by itself, like water, or a little heavier than the oil it hangs in. */
export type DirtDensity =
  | { readonly kind: "fixed"; readonly kgPerM3: number }
  | { readonly kind: "water" }
  | { readonly kind: "over-oil"; readonly kgPerM3: number };

export interface DirtClass {
  readonly name: string;
  readonly diameterUm: number;
  readonly density: DirtDensity;
}

export type DirtKind = "light-fryer" | "meaty-fryer" | "engine-oil";

const fixed = (kgPerM3: number): DirtDensity => ({ kind: "fixed", kgPerM3 });
const crumbs: DirtClass = { name: "crumbs 40 µm", diameterUm: 40, density: fixed(1150) };
const fines: DirtClass = { name: "fines 20 µm", diameterUm: 20, density: fixed(1100) };
const water: DirtClass = { name: "water drops 60 µm", diameterUm: 60, density: { kind: "water" } };
const flocs: DirtClass = { name: "fat flocs 80 µm", diameterUm: 80, density: { kind: "over-oil", kgPerM3: 18 } };

/**
 * What is followed in each kind of waste oil. Sizes are the unknown: readings of the user's own scale them. The
 * fines shown are those a person waits for (20 µm); the 12 µm ones of the kitchen's full spectrum are the bags' work.
 */
export const DIRT: Record<DirtKind, readonly DirtClass[]> = {
  "light-fryer": [crumbs, water, fines],
  "meaty-fryer": [crumbs, water, flocs, fines],
  "engine-oil": [
    { name: "water drops 40 µm", diameterUm: 40, density: { kind: "water" } },
    { name: "soot and metal 6 µm", diameterUm: 6, density: fixed(1400) },
  ],
};

export function dirtKgPerM3(density: DirtDensity, oil: SettlingOil, celsius: number): number {
  if (density.kind === "fixed") return density.kgPerM3;
  // Below freezing the drops are ice or super-cooled; the curve's end value serves for both.
  if (density.kind === "water") return waterDensityKgPerM3(Math.max(celsius, -5));
  return oil.kgPerM3(celsius) + density.kgPerM3;
}
