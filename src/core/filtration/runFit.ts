import { median } from "simple-statistics";
import { leastSquares, Refused } from "../numerics";
import { METRE_OF_OIL_PA, type RunFit } from "./runPace";

/** A run as the ledger has it: litres, minutes, what was on the bag before it, and the oil's viscosity then in Pa·s. */
export interface TimedRun {
  readonly litres: number;
  readonly minutes: number;
  /** Through the bag since it was washed or changed. */
  readonly carriedLitres: number;
  readonly viscosityPaS: number;
  /** What drove it, kPa; absent: a metre of oil. */
  readonly kPa?: number | null;
}

const driven = (r: TimedRun): number => ((r.kPa ?? METRE_OF_OIL_PA / 1000) * 1000) / METRE_OF_OIL_PA;
const yOf = (r: TimedRun): number => (r.minutes * driven(r)) / r.litres / r.viscosityPaS;
const xOf = (r: TimedRun): number => r.carriedLitres + r.litres / 2;

/**
 * One line through a bag's own runs: minutes a litre, corrected by viscosity, against the litres on it half way through
 * (Ruth 1935, as `fitFilter`, over runs in place of readings of one). A bag that got no slower has no slope; neither the
 * clean bag nor its cake resists less than nothing. Null without a run.
 */
export function fitRuns(all: readonly TimedRun[]): RunFit | null {
  const fit = lineOf(all);
  return fit && { ...fit, ...scatterOf(fit, all) };
}

const RUNS_TO_SCATTER = 3;
/** A normal spread's standard deviation by its median deviation. */
const BY_THE_MIDDLE = 1.4826;

function scatterOf(fit: RunFit, all: readonly TimedRun[]): { scatter?: number } {
  const off = all.flatMap((r) => {
    const foretold = fit.clean + fit.perLitre * xOf(r);
    return r.litres > 0 && r.minutes > 0 && foretold > 0 ? [Math.abs(yOf(r) / foretold - 1)] : [];
  });
  return off.length < RUNS_TO_SCATTER ? {} : { scatter: BY_THE_MIDDLE * median(off) };
}

function lineOf(all: readonly TimedRun[]): RunFit | null {
  const timed = all.filter((r) => r.litres > 0 && r.minutes > 0);
  if (timed.length === 0) return null;
  const mean = timed.reduce((sum, r) => sum + yOf(r), 0) / timed.length;
  const runs = timed.length;
  const flat: RunFit = { clean: mean, perLitre: 0, runs, spread: null };
  if (runs < 3) return flat;
  try {
    const fit = leastSquares(
      timed.map((r) => [1, xOf(r)]),
      timed.map(yOf),
      "runs",
    );
    const [clean = 0, perLitre = 0] = fit.coefficients;
    if (!(perLitre > 0)) return flat;
    const error = fit.errors[1] ?? null;
    if (clean >= 0) return { clean, perLitre, runs, spread: error === null ? null : error / perLitre };
    const through = timed.reduce((sum, r) => sum + xOf(r) * yOf(r), 0) / timed.reduce((sum, r) => sum + xOf(r) ** 2, 0);
    return { clean: 0, perLitre: through, runs, spread: null };
  } catch (error) {
    if (error instanceof Refused) return flat;
    throw error;
  }
}
