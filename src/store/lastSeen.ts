import type { Copied } from "./bookState";
import type { YardName } from "./db";

/**
 * How many entries this browser last had, kept apart from both copies of them: an empty yard where there were entries is
 * no new yard, and must not look like one.
 */
export interface LastSeen {
  readonly entries: number;
  readonly at: string;
  /** When it was last carried away: the database's own note of that goes with the database. */
  readonly copied: Copied | null;
}

const keyOf = (yard: YardName): string => `brisk-barrel last seen ${yard}`;

export function readLastSeen(yard: YardName): LastSeen | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(yard)) ?? "null") as LastSeen | null;
  } catch {
    return null;
  }
}

export function noteLastSeen(yard: YardName, seen: LastSeen): void {
  try {
    if (seen.entries > 0) localStorage.setItem(keyOf(yard), JSON.stringify(seen));
    else localStorage.removeItem(keyOf(yard));
  } catch {
    // It only warns of what should never happen; the two copies do not depend on it.
  }
}
