import { Refused } from "../numerics";

/** What falls out of a petrol blend as it stands, as shares of the blend. */
export interface GumDrop {
  readonly share: number;
  /** Hours until nine tenths of it are down. */
  readonly hoursTo90: number;
}

/** Share of a petrol blend dropped out by an hour: full share·(1 − e^(−t/τ)), 90 % after τ·ln 10. Source: physics §2. */
export const gumDrop = (fullShare: number, tauHours: number, hours: number): GumDrop => ({
  share: fullShare * -Math.expm1(-hours / tauHours),
  hoursTo90: tauHours * Math.LN10,
});

/** Sludge drained of a blend, as a share of it, so many hours after it was mixed. */
export interface GumDrain {
  readonly hours: number;
  readonly share: number;
}

/**
 * The share that will fall out in the end, by least squares of what was drained on (1 − e^(−t/τ)) through the origin.
 * No source but the owner's own drains, each later than the mixing. Refuses drains that leave more to fall than there is.
 */
export function fitGums(drains: readonly GumDrain[], tauHours: number): number {
  let [xy, xx] = [0, 0];
  for (const { hours, share } of drains) {
    const x = -Math.expm1(-hours / tauHours);
    xy += x * share;
    xx += x * x;
  }
  const fullShare = xy / xx;
  if (!(fullShare <= 1))
    throw new Refused("drains", "would leave more to fall out than there is: is the time constant too long?");
  return fullShare;
}
