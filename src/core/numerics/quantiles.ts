/** Quantiles of the two distributions we use, from the statistics package. */
export { gammaInverse, normalInverse } from "./vendor/jstat";
