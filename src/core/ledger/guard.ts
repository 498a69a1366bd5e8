import { fail, ok, type Result } from "../units";
import { capacityLitres } from "../vessels";
import type { Fault, LedgerError } from "./errors";
import { deadIds, targetOf } from "./live";
import type { Entry } from "./schema/entry";
import type { YardState } from "./state";
import { appendEntry, forget, type Timeline } from "./timeline";
import { vesselsOf } from "./touches";
import { readEntry } from "./upcast";

/** A clock on another shelf may be a little fast. */
const CLOCK_SLACK_MS = 5 * 60_000;
/** A rim is nominal: a vessel takes a hundredth more than its shape says. */
const RIM_SLACK = 1.01;

/**
 * Offers an entry to the ledger. Refused, with nothing changed, when it is malformed, in the future, a duplicate, or
 * when it (or anything after it) would then not add up.
 */
export function offerEntry(t: Timeline, raw: unknown, nowIso: string): Result<Timeline, LedgerError> {
  const read = readEntry(raw);
  if (!read.ok) return read;
  const entry = read.value;
  if (t.byId.has(entry.id)) return fail({ code: "duplicate-id", id: entry.id });
  if (Date.parse(entry.happenedAt) > Date.parse(nowIso) + CLOCK_SLACK_MS)
    return fail({ code: "future", happenedAt: entry.happenedAt });
  const target = targetOf(entry);
  if (target !== undefined) {
    if (!t.byId.has(target)) return fail({ code: "unknown-entry", target, entry: entry.id });
    if (deadIds(t.byId.values()).has(target)) return fail({ code: "already-void", target, entry: entry.id });
  }
  const next = appendEntry(t, entry);
  const error = newFault(t.head.faults, next.head.faults) ?? overfilled(t.head, next.head, entry);
  if (!error) return ok(next);
  forget(t, entry.id);
  return fail(error);
}

function newFault(before: readonly Fault[], after: readonly Fault[]): Fault | undefined {
  const known = new Set(before.map((f) => `${f.entry} ${f.code}`));
  return after.find((f) => !known.has(`${f.entry} ${f.code}`));
}

function overfilled(before: YardState, after: YardState, entry: Entry): LedgerError | undefined {
  for (const id of vesselsOf(entry)) {
    const state = after.vessels.get(id);
    if (!state || state.contents.total <= (before.vessels.get(id)?.contents.total ?? 0)) continue;
    const overLitres = state.contents.total - capacityLitres(state.vessel);
    if (state.contents.total > capacityLitres(state.vessel) * RIM_SLACK)
      return { code: "overfilled", vessel: id, overLitres, entry: entry.id };
  }
  return undefined;
}
