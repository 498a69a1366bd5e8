import { bisect } from "../numerics";
import { type MixPart, mixViscosityMm2PerS } from "./mix";

/** A fluid to be thinned or thinned with; litres do not matter here. */
export type Ingredient = Omit<MixPart, "litres">;

/**
 * Least volume share of thinner (0 to 1) that brings the oil to the limit at a temperature. 0 where the oil alone
 * meets it, null where even the thinner alone does not. Bisection on a monotone function.
 */
export function leastThinnerShare(
  oil: Ingredient,
  thinner: Ingredient,
  celsius: number,
  limitMm2PerS: number,
): number | null {
  const excess = (share: number): number =>
    mixViscosityMm2PerS(
      [
        { ...oil, litres: 1 - share },
        { ...thinner, litres: share },
      ],
      celsius,
    ) - limitMm2PerS;
  if (excess(0) <= 0) return 0;
  if (excess(1) > 0) return null;
  return bisect(excess, 0, 1);
}
