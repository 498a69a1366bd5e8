import { gammaInverse, requireRange } from "../numerics";

/** Litres taken at a pickup, and the days they had to gather since the one before. */
export interface FillingReading {
  readonly litres: number;
  readonly days: number;
}

/**
 * A source's rate as a gamma distribution. Oil comes in lots (a fryer emptied, a pail filled): so many lots a day, each
 * of `lotLitres`. Shape counts lots seen, `days` the time they took.
 */
export interface FillingRate {
  readonly lotLitres: number;
  readonly shape: number;
  readonly days: number;
  readonly pickups: number;
}

/** A prior worth `worthDays` of watching a source that fills `litresPerDay`. */
export const priorRate = (litresPerDay: number, worthDays: number, lotLitres: number): FillingRate => ({
  lotLitres,
  shape: (litresPerDay * worthDays) / lotLitres,
  days: worthDays,
  pickups: 0,
});

/** The rate after pickups: lots and days simply add to the prior's. Source: gamma–Poisson conjugacy; physics §8. */
export function updateRate(prior: FillingRate, readings: readonly FillingReading[]): FillingRate {
  let { shape, days } = prior;
  for (const r of readings) {
    shape += r.litres / prior.lotLitres;
    days += r.days;
  }
  return { lotLitres: prior.lotLitres, shape, days, pickups: prior.pickups + readings.length };
}

export const litresPerDay = (r: FillingRate): number => (r.shape / r.days) * r.lotLitres;

/** A figure with the bounds that four times in five hold it. */
export interface Band {
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}

const A_DROP_LITRES = 1e-5;

/**
 * Litres waiting so many days after the last pickup, with their 80 % interval: the rate's own doubt and the lots'
 * chance together (negative binomial), taken as the gamma of the same mean and variance. Not more than the containers
 * hold: what is over is spilled or given to somebody else.
 */
export function waitingLitres(r: FillingRate, days: number, containerLitres: number): Band {
  requireRange("days", days, 0, 36_500);
  const lots = (r.shape * days) / r.days;
  if (lots * r.lotLitres < A_DROP_LITRES) return { mean: 0, low: 0, high: 0 };
  const variance = lots * (1 + days / r.days);
  const [shape, scale] = [lots ** 2 / variance, variance / lots];
  const held = (l: number): number => Math.min(containerLitres, l * r.lotLitres);
  return { mean: held(lots), low: held(gammaInverse(0.1, shape, scale)), high: held(gammaInverse(0.9, shape, scale)) };
}

/** Days, each null where it would take longer than anybody waits. */
export interface DaysBand {
  readonly mean: number | null;
  readonly low: number | null;
  readonly high: number | null;
}

const NEVER_DAYS = 36_500;

/** Days after the last pickup at which the containers are full: mean, and sooner or later one time in ten each. */
export function daysToFull(r: FillingRate, containerLitres: number): DaysBand {
  const lots = containerLitres / r.lotLitres;
  const within = (days: number): number | null => (days <= NEVER_DAYS ? days : null);
  const at = (probability: number): number | null => within(lots / gammaInverse(probability, r.shape, 1 / r.days));
  return { mean: within((lots * r.days) / r.shape), low: at(0.9), high: at(0.1) };
}
