import { fail, MS_PER_MINUTE, ok, type Result } from "../units";
import { holdsLitres } from "../vessels";
import { type Entry, flowsOf } from "./entry";
import type { Fault, LedgerError } from "./errors";
import type { EntryId } from "./ids";
import { deadIds, targetOf } from "./live";
import { oddTextIn } from "./oddText";
import type { YardState } from "./state";
import { appendEntries, forget, type Timeline } from "./timeline";
import { readEntry } from "./upcast";

/** A clock on another shelf may be a little fast. */
const CLOCK_SLACK_MS = 5 * MS_PER_MINUTE;
/** A rim is nominal: a vessel takes a hundredth more than its shape says. */
const RIM_SLACK = 1.01;

/**
 * Offers the entries of one act to the ledger. Refused together, with nothing changed, when one is malformed, in the
 * future or a duplicate, or when they (or anything after them) would then not add up.
 */
export function offerEntries(t: Timeline, raws: readonly unknown[], nowIso: string): Result<Timeline, LedgerError> {
  const entries: Entry[] = [];
  const known = new Set<EntryId>();
  for (const raw of raws) {
    const read = readEntry(raw);
    if (!read.ok) return read;
    const refused = refusalOf(t, read.value, known, nowIso);
    if (refused) return fail(refused);
    known.add(read.value.id);
    entries.push(read.value);
  }
  const next = appendEntries(t, entries);
  const error = newFault(t.head.faults, next.head.faults) ?? overfilled(t.head, next.head, entries);
  if (!error) return ok(next);
  forget(t, known);
  return fail(error);
}

export const offerEntry = (t: Timeline, raw: unknown, nowIso: string): Result<Timeline, LedgerError> =>
  offerEntries(t, [raw], nowIso);

/** What forbids an entry before it is even tried; `known` are those offered with it. */
function refusalOf(t: Timeline, entry: Entry, known: ReadonlySet<EntryId>, nowIso: string): LedgerError | undefined {
  if (t.byId.has(entry.id) || known.has(entry.id)) return { code: "duplicate-id", id: entry.id };
  const odd = oddTextIn({ ...(entry.data as object), note: entry.note });
  if (odd) return { code: "odd-text", ...odd };
  if (Date.parse(entry.happenedAt) > Date.parse(nowIso) + CLOCK_SLACK_MS)
    return { code: "future", happenedAt: entry.happenedAt };
  const target = targetOf(entry);
  if (target === undefined) return undefined;
  if (!t.byId.has(target)) return { code: "unknown-entry", target, entry: entry.id };
  if (deadIds(t.byId.values()).has(target)) return { code: "already-void", target, entry: entry.id };
  return undefined;
}

function newFault(before: readonly Fault[], after: readonly Fault[]): Fault | undefined {
  const known = new Set(before.map((f) => `${f.entry} ${f.code}`));
  return after.find((f) => !known.has(`${f.entry} ${f.code}`));
}

/** A vessel that holds more than before, and more than it can. */
function overfilled(before: YardState, after: YardState, entries: readonly Entry[]): LedgerError | undefined {
  for (const entry of entries)
    for (const { to } of flowsOf(entry)) {
      const state = to === null ? undefined : after.vessels.get(to);
      if (!state || state.contents.total <= (before.vessels.get(state.vessel.id)?.contents.total ?? 0)) continue;
      const capacity = holdsLitres(state.vessel);
      if (state.contents.total > capacity * RIM_SLACK)
        return {
          code: "overfilled",
          vessel: state.vessel.id,
          overLitres: state.contents.total - capacity,
          entry: entry.id,
        };
    }
  return undefined;
}
