import { applyEntry } from "./apply";
import { definitionsOf } from "./definitions";
import type { Entry } from "./entry";
import { liveEntries } from "./live";
import { emptyYard, type YardState } from "./state";

/**
 * The yard as it stood at `at` (ISO time, inclusive; all of time if left out), as we know it now: voids and
 * corrections count whenever they were written. Pure; any order of `entries` gives the same yard.
 */
export function project(entries: readonly Entry[], at?: string): YardState {
  const yard = emptyYard();
  const live = liveEntries(entries);
  const definitions = definitionsOf(live);
  for (const entry of live) {
    if (at !== undefined && entry.happenedAt > at) break;
    applyEntry(yard, entry, definitions);
  }
  return yard;
}
