import type { DirtLoad } from "./cascade";

/** A class of dirt as it comes: grain in µm, density in kg/m³, share of the oil's volume. */
export interface DirtVolume {
  readonly diameterUm: number;
  readonly kgPerM3: number;
  readonly volumeShare: number;
}

/**
 * What settling has left of each class for the bags: grams a litre from its share of the volume, times the share that
 * still hangs. A tenth of a gram is a good lot, ten grams one that was not left to stand.
 */
export const loadsOfClasses = (classes: readonly DirtVolume[], hangingShare: number): DirtLoad[] =>
  classes.map((d) => ({ diameterUm: d.diameterUm, gramsPerLitre: d.volumeShare * d.kgPerM3 * hangingShare }));
