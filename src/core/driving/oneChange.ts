import { mean, standardDeviation } from "simple-statistics";
import { Refused, studentInverse, studentTail } from "../numerics";

/** Consumption on two kinds of trips that differ in one thing. */
export interface OneChange {
  readonly first: { readonly mean: number; readonly scatter: number; readonly trips: number };
  readonly second: { readonly mean: number; readonly scatter: number; readonly trips: number };
  /** Second less first, and how far either way chance alone would move it in 19 of 20 cases. */
  readonly difference: number;
  readonly within: number;
  /** How often chance alone makes a difference as large, 0 to 1. */
  readonly byChance: number;
  readonly isReal: boolean;
}

const LEAST_TRIPS = 3;
/** Rarer than this, chance is not believed. */
const RARE = 0.05;

/**
 * Is the difference in consumption beyond this vehicle's own scatter? Welch's test of two means whose scatters differ
 * (Welch 1947), two-sided. Refuses fewer than three trips of either.
 */
export function oneChange(first: readonly number[], second: readonly number[]): OneChange {
  if (first.length < LEAST_TRIPS || second.length < LEAST_TRIPS)
    throw new Refused("trips", `needs at least ${LEAST_TRIPS} trips of each`);
  const [a, b] = [of(first), of(second)];
  const [va, vb] = [a.scatter ** 2 / a.trips, b.scatter ** 2 / b.trips];
  const error = Math.sqrt(va + vb);
  const difference = b.mean - a.mean;
  if (error === 0) {
    const isReal = difference !== 0;
    return { first: a, second: b, difference, within: 0, byChance: isReal ? 0 : 1, isReal };
  }
  const freedom = (va + vb) ** 2 / (va ** 2 / (a.trips - 1) + vb ** 2 / (b.trips - 1));
  const byChance = 2 * studentTail(Math.abs(difference) / error, freedom);
  return {
    first: a,
    second: b,
    difference,
    within: error * studentInverse(1 - RARE / 2, freedom),
    byChance,
    isReal: byChance < RARE,
  };
}

const of = (x: readonly number[]) => {
  const all = [...x];
  const n = all.length;
  // The package's deviation is of a whole population: here they are a sample.
  return { mean: mean(all), scatter: standardDeviation(all) * Math.sqrt(n / (n - 1)), trips: n };
};
