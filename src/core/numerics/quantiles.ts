import { gammaInverse as packageGammaInverse } from "./vendor/jstat";

/** Quantile of the standard normal distribution, from the statistics package. */
export { normalInverse } from "./vendor/jstat";

/**
 * Quantile of a gamma distribution, shape and scale above nought, from the statistics package. Where the quantile is
 * smaller than any number the package says NaN; it is nought to every figure there.
 */
export function gammaInverse(probability: number, shape: number, scale: number): number {
  if (!(shape > 0 && scale > 0 && probability > 0 && probability < 1))
    throw new Error("gammaInverse: outside its domain");
  const found = packageGammaInverse(probability, shape, scale);
  return Number.isNaN(found) ? 0 : found;
}
