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
  /** Of the fines alone: which size of theirs it is. */
  readonly finesUm?: FinesUm;
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
/** Sizes of fines that an owner may wait for; what is smaller is the bags' work. */
export const FINES_UM = [20, 16, 12] as const;
export type FinesUm = (typeof FINES_UM)[number];

const crumbs = { name: "crumbs 40 µm", diameterUm: 40, density: fixed(1150), volumeShare: 0.01 };
const flocs: DirtShare = {
  name: "fat flocs 80 µm",
  diameterUm: 80,
  density: { kind: "over-oil", kgPerM3: 18 },
  volumeShare: 0.06,
};
/** 0.3 % of fines, as much of each size. */
const fines: readonly DirtShare[] = FINES_UM.map((um) => ({
  name: `fines ${um} µm`,
  diameterUm: um,
  density: fixed(FINES_KG_PER_M3),
  volumeShare: 0.001,
  finesUm: um,
}));

/**
 * All that a lot brings, by what it was used for: the one table that fronts fall by and bags are loaded from. Typical
 * sizes; readings of the owner's own scale them. Source: physics §3.
 */
export const DIRT: Record<DirtKind, readonly DirtShare[]> = {
  "light-fryer": [crumbs, water(60, 0.01), ...fines],
  "meaty-fryer": [crumbs, water(60, 0.01), flocs, ...fines],
  "engine-oil": [
    water(40, 0.01),
    { name: "soot and metal 6 µm", diameterUm: 6, density: fixed(1400), volumeShare: 0.005 },
  ],
};

/** What is waited for: of the fines those of the owner's mark, which go last of those waited for; all else as it comes. */
export const waitedFor = (kind: DirtKind, finesUm: FinesUm): readonly DirtShare[] =>
  DIRT[kind].filter((d) => d.finesUm === undefined || d.finesUm === finesUm);

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
