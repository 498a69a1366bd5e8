import { normalInverse, gammaInverse as packageGammaInverse, studentCdf, studentInverse } from "./vendor/jstat";

export { normalInverse, studentInverse };

/** How often chance alone puts Student's t above this, 0 to 1. */
export const studentTail = (t: number, freedom: number): number => 1 - studentCdf(t, freedom);

/** The package's steps grow with the shape; from here on the cube-root normal is good to a millionth. */
const LARGE_SHAPE = 1e4;

/**
 * Quantile of a gamma distribution, shape and scale above nought, from the statistics package; for large shapes by
 * Wilson & Hilferty 1931. Where the quantile is smaller than any number the package says NaN; it is nought to every
 * figure there.
 */
export function gammaInverse(probability: number, shape: number, scale: number): number {
  if (!(shape > 0 && scale > 0 && probability > 0 && probability < 1))
    throw new Error("gammaInverse: outside its domain");
  if (shape > LARGE_SHAPE) {
    const ninth = 1 / (9 * shape);
    return scale * shape * (1 - ninth + normalInverse(probability) * Math.sqrt(ninth)) ** 3;
  }
  const found = packageGammaInverse(probability, shape, scale);
  return Number.isNaN(found) ? 0 : found;
}
