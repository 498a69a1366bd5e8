import { fail, MS_PER_MINUTE, ok, type Result } from "../units";
import type { Entry } from "./entry";
import type { Fault, LedgerError } from "./errors";
import type { EntryId } from "./ids";
import { deadIds, targetOf } from "./live";
import { oddTextIn } from "./oddText";
import { appendEntries, forget, type Timeline } from "./timeline";
import { readEntry } from "./upcast";

/** A clock on another shelf may be a little fast. */
const CLOCK_SLACK_MS = 5 * MS_PER_MINUTE;

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
    const refused = refusalOf(t, read.value, entries, nowIso);
    if (refused) return fail(refused);
    known.add(read.value.id);
    entries.push(read.value);
  }
  const next = appendEntries(t, entries);
  const error = newFault(t.head.faults, next.head.faults, entries);
  if (!error) return ok(next);
  forget(t, known);
  return fail(error);
}

export const offerEntry = (t: Timeline, raw: unknown, nowIso: string): Result<Timeline, LedgerError> =>
  offerEntries(t, [raw], nowIso);

/** What forbids an entry before it is even tried; `offered` are those offered with it. */
function refusalOf(t: Timeline, entry: Entry, offered: readonly Entry[], nowIso: string): LedgerError | undefined {
  if (t.byId.has(entry.id) || offered.some((e) => e.id === entry.id)) return { code: "duplicate-id", id: entry.id };
  const odd = oddTextIn({ ...(entry.data as object), note: entry.note });
  if (odd) return { code: "odd-text", ...odd };
  if (Date.parse(entry.happenedAt) > Date.parse(nowIso) + CLOCK_SLACK_MS)
    return { code: "future", happenedAt: entry.happenedAt };
  const target = targetOf(entry);
  if (target === undefined) return undefined;
  if (!t.byId.has(target)) return { code: "unknown-entry", target, entry: entry.id };
  // With a correction what it had corrected may be taken back too, in one act.
  if (deadIds([...t.byId.values(), ...offered]).has(target)) return { code: "already-void", target, entry: entry.id };
  return undefined;
}

/**
 * What does not add up now and did before. A vessel that runs over by a later entry, because this one was backdated, is
 * left in the open: both were poured, and only their owner knows which figure is wrong.
 */
function newFault(before: readonly Fault[], after: readonly Fault[], offered: readonly Entry[]): Fault | undefined {
  const known = new Map(before.map((f) => [`${f.entry} ${f.code}`, f]));
  const byId = new Map(offered.map((e) => [e.id, e]));
  return after.find((f) => {
    if (known.has(`${f.entry} ${f.code}`)) return false;
    if (f.code !== "overfilled") return true;
    const entry = byId.get(f.entry);
    const was = entry?.replaces === undefined ? undefined : known.get(`${entry.replaces} ${f.code}`);
    return entry !== undefined && !(was?.code === "overfilled" && was.overLitres >= f.overLitres);
  });
}
