import { fail, ok, type Result } from "../units";
import type { LedgerError } from "./errors";
import { CURRENT_VERSION, type Entry, type EntryKind, EntrySchema } from "./schema/entry";

type Step = (data: unknown) => unknown;
/** kind → version → the step from that version to the next. Gapless from the first released version. */
export type Upcasters = Partial<Record<EntryKind, Record<number, Step>>>;

/** No payload has changed since the first release. */
const UPCASTERS: Upcasters = {};

/**
 * An entry as read from a file or the store: brought to this build's payload version, then checked. The original is
 * never rewritten.
 */
export function readEntry(
  raw: unknown,
  upcasters: Upcasters = UPCASTERS,
  current: Record<EntryKind, number> = CURRENT_VERSION,
): Result<Entry, LedgerError> {
  const lifted = lift(raw, upcasters, current);
  if (!lifted.ok) return lifted;
  const parsed = EntrySchema.safeParse(lifted.value);
  if (parsed.success) return ok(parsed.data);
  const issue = parsed.error.issues[0];
  return fail({ code: "invalid", path: issue?.path.join(".") ?? "", reason: issue?.message ?? "not an entry" });
}

function lift(raw: unknown, upcasters: Upcasters, current: Record<EntryKind, number>): Result<unknown, LedgerError> {
  if (typeof raw !== "object" || raw === null) return ok(raw);
  const { kind, v } = raw as { kind?: unknown; v?: unknown };
  if (typeof kind !== "string" || typeof v !== "number" || !Object.hasOwn(current, kind)) return ok(raw);
  const target = current[kind as EntryKind];
  if (v > target) return fail({ code: "newer-entry", kind, v });
  let data = (raw as { data?: unknown }).data;
  for (let version = v; version < target; version++) {
    const step = upcasters[kind as EntryKind]?.[version];
    if (!step) return fail({ code: "invalid", path: "v", reason: `no step from ${kind} version ${version}` });
    data = step(data);
  }
  return ok({ ...raw, v: target, data });
}
