import { type Fitted, fitted, leastSquares, Refused } from "../numerics";

/** One calibration of a flow cup: a fluid of known viscosity at the cup's temperature, and how long it ran. */
export type CupReading = readonly [nuMm2PerS: number, seconds: number];

/** A calibrated cup: ν = slope·t − offset/t, and how its constants scatter together. */
export interface FlowCup {
  readonly slope: number;
  readonly offset: number;
  readonly covariance: readonly (readonly number[])[] | null;
  readonly readings: number;
  readonly shortestSeconds: number;
  readonly longestSeconds: number;
}

/**
 * The user's own can with its hole as a viscometer: unweighted least squares of ν = C·t − B/t over two or more fluids.
 * Source: the usual efflux-cup equation (ISO 2431, ASTM D1200). Refuses times that are too alike.
 */
export function calibrateCup(calibration: readonly CupReading[]): FlowCup {
  const rows = calibration.map(([, t]) => [t, -1 / t]);
  const fit = leastSquares(
    rows,
    calibration.map(([nu]) => nu),
    "calibration",
  );
  const [slope = Number.NaN, offset = Number.NaN] = fit.coefficients;
  const times = calibration.map(([, t]) => t);
  return {
    slope,
    offset,
    covariance: fit.covariance,
    readings: calibration.length,
    shortestSeconds: Math.min(...times),
    longestSeconds: Math.max(...times),
  };
}

/**
 * Kinematic viscosity in mm²/s of what ran through the cup in `seconds`. Refuses a time so short that the cup's own
 * equation gives nothing: the hole is then too large for so thin a fluid.
 */
export function cupViscosity(cup: FlowCup, seconds: number): Fitted {
  const nu = cup.slope * seconds - cup.offset / seconds;
  if (!(nu > 0)) throw new Refused("seconds", "too quick for this cup: use a smaller hole");
  return fitted(nu, spreadAt(cup, seconds), cup.readings);
}

function spreadAt({ covariance }: FlowCup, seconds: number): number | null {
  if (!covariance) return null;
  const row = [seconds, -1 / seconds];
  const variance = row.reduce(
    (sum, ri, i) => sum + row.reduce((s, rj, j) => s + ri * rj * (covariance[i]?.[j] ?? 0), 0),
    0,
  );
  return Math.sqrt(Math.max(0, variance));
}
