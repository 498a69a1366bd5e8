import { applyEntry } from "./apply";
import type { Entry } from "./entry";
import { liveEntries } from "./live";
import { emptyYard, type YardState } from "./state";

/**
 * The yard as it stood at `at` (ISO time, inclusive; all of time if left out), as we know it now: voids and
 * corrections count whenever they were written. Pure; any order of `entries` gives the same yard.
 */
export function project(entries: readonly Entry[], at?: string): YardState {
  const yard = emptyYard();
  for (const entry of liveEntries(entries)) {
    if (at !== undefined && entry.happenedAt > at) break;
    applyEntry(yard, entry);
  }
  return yard;
}
