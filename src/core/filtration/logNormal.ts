import { normalInverse } from "../numerics";
import type { DirtLoad } from "./cascade";

/**
 * A log-normal spread of grain sizes by mass, cut into equal shares at their middle quantiles. `spread` is the
 * geometric standard deviation (2 = two thirds of the mass within half and double the median).
 */
export function logNormalLoads(medianUm: number, spread: number, gramsPerLitre: number, shares: number): DirtLoad[] {
  return Array.from({ length: shares }, (_, i) => ({
    diameterUm: medianUm * spread ** normalInverse((i + 0.5) / shares),
    gramsPerLitre: gramsPerLitre / shares,
  }));
}
