import { Refused } from "../numerics";

/** A wash that was titrated before and after, with so many equal waters. */
export interface WashSeen {
  readonly beforePpm: number;
  readonly afterPpm: number;
  readonly washes: number;
  /** Litres of water for a litre of fuel, each time. */
  readonly waterShare: number;
}

/**
 * Soap's liking for water over fuel, from titrations before and after: each gives K = ((before/after)^(1/n) − 1)/w, and
 * the middle one counts. Null where none came down. Refuses washes without water.
 */
export function fitPartition(seen: readonly WashSeen[]): number | null {
  const found = seen
    .map(({ beforePpm, afterPpm, washes, waterShare }) => {
      if (!(waterShare > 0) || washes < 1) throw new Refused("washes", "had no water");
      return ((beforePpm / Math.max(afterPpm, 1)) ** (1 / washes) - 1) / waterShare;
    })
    .filter((k) => k > 0)
    .sort((a, b) => a - b);
  return found[Math.floor((found.length - 1) / 2)] ?? null;
}
