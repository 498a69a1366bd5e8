import { type Fitted, fitted, Refused } from "../numerics";
import { lineVolumesToResidual } from "./purge";

/** "Runs on diesel again" after so many minutes of so much flow. */
export interface PurgeReading {
  readonly litresPerMinute: number;
  readonly minutes: number;
}

/** What a driver hears as diesel again: the last fiftieth of oil does not sound. */
export const HEARD_SHARE = 0.02;
const MOST_TANKS = 30;

/**
 * Stirred tanks in series from logged purges: the whole n whose line volumes to the heard share lie nearest to those
 * that flowed, in least squares. The spread is what one standard error of the volumes does to n. Refuses a line that
 * took more than one stirred tank would: it holds more than was said.
 */
export function fitTanks(readings: readonly PurgeReading[], lineLitres: number): Fitted {
  if (readings.length === 0) throw new Refused("readings", "needs at least 1 readings");
  const volumes = readings.map((r) => (r.litresPerMinute * r.minutes) / lineLitres);
  const mean = volumes.reduce((sum, v) => sum + v, 0) / volumes.length;
  const free = volumes.length - 1;
  const error =
    free > 0 ? Math.sqrt(volumes.reduce((sum, v) => sum + (v - mean) ** 2, 0) / free / volumes.length) : null;
  if (mean - (error ?? 0) > lineVolumesToResidual(1, HEARD_SHARE) * 1.1)
    throw new Refused("lineLitres", "took longer than one stirred tank would: the line holds more than that");
  const value = tanksFor(mean);
  const spread = error === null ? null : Math.abs(tanksFor(mean - error) - tanksFor(mean + error)) / 2;
  return fitted(value, spread, readings.length);
}

/** The squares' sum is smallest where the forecast lies nearest to the mean. */
function tanksFor(volumes: number): number {
  let best = 1;
  for (let n = 2; n <= MOST_TANKS; n++)
    if (
      Math.abs(lineVolumesToResidual(n, HEARD_SHARE) - volumes) <
      Math.abs(lineVolumesToResidual(best, HEARD_SHARE) - volumes)
    )
      best = n;
  return best;
}
