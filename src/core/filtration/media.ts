/** A bag's own resistances, as `Filter` has them. */
export interface BagResistances {
  readonly mediumPerM: number;
  readonly cakePerM2: number;
}

const MEDIUM_AT_5_UM = 1e10;
const CAKE_AT_5_UM = 3e11;

/**
 * What a rating suggests before the bag has been timed; order of magnitude only, one timed run replaces it.
 * Rm ∝ 1/rating² (a felt's permeability goes with its pores squared), αc ∝ 1/rating (finer bags hold back finer, less
 * pervious dirt), through values met with 5 µm felt and settled fryer oil. For ratings of 0.5 to 1000 µm.
 */
export const typicalBag = (ratingUm: number): BagResistances => ({
  mediumPerM: MEDIUM_AT_5_UM * (5 / ratingUm) ** 2,
  cakePerM2: CAKE_AT_5_UM * (5 / ratingUm),
});

/** m/kg: resistance of a kilogram of kitchen dirt on a square metre. Typical; sticky fat is ten times that. */
export const TYPICAL_CAKE_M_PER_KG = 6e11;
