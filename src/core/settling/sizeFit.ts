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

/** One reading set against its forecast: mm that a class would have fallen with typical grains, and mm that it has. */
export interface FrontPair {
  readonly forecastMm: number;
  readonly readMm: number;
}

/** Less than this has not moved yet: no size can be told from it. */
const STIRRED_MM = 1e-3;

export interface SizeFit extends Fitted {
  /** Jars that were quite clear or quite full tell no size: they are left out, and counted here. */
  readonly leftOut: number;
}

/** Null where the reading shows no moving front. */
export function pairOf(course: FallCourse, r: SettlingReading): FrontPair | null {
  const forecastMm = course.fallMmAt(r.dirt, r.hours, Number.POSITIVE_INFINITY);
  if (forecastMm < STIRRED_MM) return null;
  if ("clearToMm" in r) return { forecastMm, readMm: r.clearToMm };
  return r.hanging > 0 && r.hanging < 1 ? { forecastMm, readMm: (1 - r.hanging) * r.depthMm } : null;
}

/**
 * How many times as wide the grains are as their classes say, from readings: a grain m times as wide falls m² as far,
 * so m² is the slope of fall read on fall forecast, by least squares through nought. Source: physics §3.
 */
export function fitPairs(pairs: readonly FrontPair[], leftOut: number): SizeFit {
  if (pairs.length === 0) throw new Refused("readings", "none of them shows a moving front");
  const fit = leastSquares(
    pairs.map((p) => [p.forecastMm]),
    pairs.map((p) => p.readMm),
    "readings",
  );
  const square = fit.coefficients[0] ?? Number.NaN;
  if (!(square > 0)) throw new Refused("readings", "nothing has fallen yet: read again later");
  const value = Math.sqrt(square);
  const error = fit.errors[0] ?? null;
  return { ...fitted(value, error === null ? null : error / (2 * value), pairs.length), leftOut };
}

/** The same from readings of one standing. */
export function fitSizeMultiplier(course: FallCourse, readings: readonly SettlingReading[]): SizeFit {
  const pairs = readings.flatMap((r) => pairOf(course, r) ?? []);
  return fitPairs(pairs, readings.length - pairs.length);
}
