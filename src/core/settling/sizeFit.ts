import { type Fitted, fitted, leastSquares, Refused } from "../numerics";
import type { FallCourse } from "./course";
import type { DirtClass } from "./dirt";

/** What a stick or a jar said of one class, so many hours after it was last stirred. */
export type SettlingReading = { readonly dirt: DirtClass; readonly hours: number } & (
  | { /** Clear down to this depth below the surface, dirt still hanging under it. */ readonly clearToMm: number }
  | {
      /** The share still hanging above a depth, from a jar: 0 clear, 1 as stirred. */ readonly hanging: number;
      readonly depthMm: number;
    }
);

/** Less than this has not moved yet: no size can be told from it. */
const STIRRED_MM = 1e-3;

export interface SizeFit extends Fitted {
  /** Jars that were quite clear or quite full tell no size: they are left out, and counted here. */
  readonly leftOut: number;
}

/**
 * How many times as wide the grains are as their classes say, from readings: a grain m times as wide falls m² as far,
 * so m² is the slope of fall read on fall forecast, by least squares through nought. Source: physics §3.
 */
export function fitSizeMultiplier(course: FallCourse, readings: readonly SettlingReading[]): SizeFit {
  const told = readings.flatMap((r): [number, number][] => {
    const forecastMm = course.fallMmAt(r.dirt, r.hours, Number.POSITIVE_INFINITY);
    if (forecastMm < STIRRED_MM) return [];
    if ("clearToMm" in r) return [[forecastMm, r.clearToMm]];
    return r.hanging > 0 && r.hanging < 1 ? [[forecastMm, (1 - r.hanging) * r.depthMm]] : [];
  });
  if (told.length === 0) throw new Refused("readings", "none of them shows a moving front");
  const fit = leastSquares(
    told.map(([forecastMm]) => [forecastMm]),
    told.map(([, readMm]) => readMm),
    "readings",
  );
  const square = fit.coefficients[0] ?? Number.NaN;
  if (!(square > 0)) throw new Refused("readings", "nothing has fallen yet: read again later");
  const value = Math.sqrt(square);
  const error = fit.errors[0] ?? null;
  return {
    ...fitted(value, error === null ? null : error / (2 * value), told.length),
    leftOut: readings.length - told.length,
  };
}
