/** A bag's own resistances, as `Filter` has them. */
export interface BagResistances {
  readonly mediumPerM: number;
  readonly cakePerM2: number;
}

const MEDIUM_AT_5_UM = 1e9;
const MEDIUM_POWER = 0.7;
const SETTLED_CAKE_AT_5_UM = 2e10;
const UNSETTLED_CAKE_AT_5_UM = 3e11;

/**
 * What a rating suggests before the bag has been timed; order of magnitude only, one timed run replaces it. Finer bags
 * are closer, and hold back finer, less pervious dirt; oil that was not left to settle cakes fifteen times as tight. For
 * ratings of 0.5 to 1000 µm. Source: physics §4: 60 L of settled oil through 1 µm in about an hour.
 */
export const typicalBag = (ratingUm: number, settled = true): BagResistances => ({
  mediumPerM: MEDIUM_AT_5_UM * (5 / ratingUm) ** MEDIUM_POWER,
  cakePerM2: (settled ? SETTLED_CAKE_AT_5_UM : UNSETTLED_CAKE_AT_5_UM) * (5 / ratingUm),
});

/** m/kg: resistance of a kilogram of kitchen dirt on a square metre. Typical; sticky fat is ten times that. */
export const TYPICAL_CAKE_M_PER_KG = 6e11;
