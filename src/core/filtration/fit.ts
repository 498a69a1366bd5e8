import { type Fitted, fitted, leastSquares, Refused } from "../numerics";

/** Litres through and seconds taken, both from the start of the run. */
export type FilterPoint = readonly [litres: number, seconds: number];

export interface FilterFit {
  /** Rm, 1/m; 0 where the readings leave less than nothing for it: the cake alone explains them. */
  readonly medium: Fitted;
  /** αc, 1/m². */
  readonly cake: Fitted;
}

/**
 * The bag's two resistances from a run's own readings: unweighted least squares of (t/V)·A·ΔP/μ on V/(2A), at constant
 * pressure. Source: physics §4. Refuses readings that are too alike, and a run that got faster as it went: that is a
 * leak, a warmer oil or a higher pressure, and no cake.
 */
export function fitFilter(
  points: readonly FilterPoint[],
  areaM2: number,
  pressurePa: number,
  viscosityPaS: number,
): FilterFit {
  const rows = points.map(([litres]) => [1, litres / 1000 / (2 * areaM2)]);
  const targets = points.map(([litres, seconds]) => ((seconds / (litres / 1000)) * areaM2 * pressurePa) / viscosityPaS);
  const fit = leastSquares(rows, targets, "points");
  const [medium = Number.NaN, cake = Number.NaN] = fit.coefficients;
  if (!(cake > 0)) throw new Refused("points", "the bag got no slower as it filled: a leak, or the oil got warmer");
  if (medium < 0) return withoutMedium(rows, targets);
  return {
    medium: fitted(medium, fit.errors[0] ?? null, points.length),
    cake: fitted(cake, fit.errors[1] ?? null, points.length),
  };
}

/** No bag resists less than nothing: the best fit that is possible has none, and only the cake is told. */
function withoutMedium(rows: readonly (readonly number[])[], targets: readonly number[]): FilterFit {
  const fit = leastSquares(
    rows.map(([, cake = 0]) => [cake]),
    targets,
    "points",
  );
  return {
    medium: fitted(0, null, 0),
    cake: fitted(fit.coefficients[0] ?? Number.NaN, fit.errors[0] ?? null, targets.length),
  };
}
