import { type DirtKind, type Liquid, waterDensityKgPerM3 } from "../fluids";

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

/** A class with its share of the litres as they come, for what a settler fills with and a bag catches. */
export interface DirtShare extends DirtClass {
  readonly volumeShare: number;
}

const fixed = (kgPerM3: number): DirtDensity => ({ kind: "fixed", kgPerM3 });
const water = (diameterUm: number, volumeShare: number): DirtShare => ({
  name: `water drops ${diameterUm} µm`,
  diameterUm,
  density: { kind: "water" },
  volumeShare,
});
/** Fines of flour and char, as heavy as what is waited for last. */
export const FINES_KG_PER_M3 = 1100;

const crumbs = { name: "crumbs 40 µm", diameterUm: 40, density: fixed(1150), volumeShare: 0.01 };
const fines = { name: "fines 20 µm", diameterUm: 20, density: fixed(FINES_KG_PER_M3), volumeShare: 0.003 };
const flocs: DirtShare = {
  name: "fat flocs 80 µm",
  diameterUm: 80,
  density: { kind: "over-oil", kgPerM3: 18 },
  volumeShare: 0.06,
};

/**
 * What a person waits for in each kind of waste oil. Sizes are the unknown: readings of the user's own scale them. The
 * fines here are those of the usual mark (20 µm); what is smaller is the bags' work and stands in `SPECTRUM`.
 */
export const DIRT: Record<DirtKind, readonly DirtShare[]> = {
  "light-fryer": [crumbs, water(60, 0.01), fines],
  "meaty-fryer": [crumbs, water(60, 0.01), flocs, fines],
  "engine-oil": [
    water(40, 0.01),
    { name: "soot and metal 6 µm", diameterUm: 6, density: fixed(1400), volumeShare: 0.005 },
  ],
};

/** All that a lot brings, as physics §3 has it: the waiting classes with the 12 µm fines that only a bag takes out. */
export const SPECTRUM: Record<DirtKind, readonly DirtShare[]> = {
  "light-fryer": [crumbs, water(60, 0.01), { ...fines, name: "fines 12 µm", diameterUm: 12 }],
  "meaty-fryer": [crumbs, water(60, 0.01), flocs, { ...fines, name: "fines 12 µm", diameterUm: 12 }],
  "engine-oil": DIRT["engine-oil"],
};

export function dirtKgPerM3(density: DirtDensity, oil: Liquid, celsius: number): number {
  if (density.kind === "fixed") return density.kgPerM3;
  // Below freezing the drops are ice or super-cooled; the curve's end value serves for both.
  if (density.kind === "water") return waterDensityKgPerM3(Math.max(celsius, -5));
  return oil.kgPerM3(celsius) + density.kgPerM3;
}

/** A class with its grains so many times as wide. */
export const scaled = <D extends DirtClass>(dirt: D, sizeMultiplier: number): D => ({
  ...dirt,
  diameterUm: dirt.diameterUm * sizeMultiplier,
});
