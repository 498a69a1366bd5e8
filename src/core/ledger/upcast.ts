import { fail, ok, type Result } from "../units";
import { type Entry, isKind, kindOf, parseEntry } from "./entry";
import type { LedgerError } from "./errors";

/** How a kind's payloads have changed: its version now, and the step from each earlier one to the next. */
export interface Lineage {
  readonly version: number;
  readonly upcast: Readonly<Record<number, (data: unknown) => unknown>>;
}

/**
 * An entry as read from a file or the store: brought to this build's payload version, then checked. The original is
 * never rewritten.
 */
export function readEntry(raw: unknown): Result<Entry, LedgerError> {
  const lifted = lift(raw, (kind) => (isKind(kind) ? kindOf(kind) : undefined));
  return lifted.ok ? parseEntry(lifted.value) : lifted;
}

/** An entry of an unknown kind is left as it is: the check says so. */
export function lift(raw: unknown, lineageOf: (kind: string) => Lineage | undefined): Result<unknown, LedgerError> {
  if (typeof raw !== "object" || raw === null) return ok(raw);
  const { kind, v, data: first } = raw as { kind?: unknown; v?: unknown; data?: unknown };
  if (typeof kind !== "string" || typeof v !== "number") return ok(raw);
  const lineage = lineageOf(kind);
  if (!lineage) return ok(raw);
  if (v > lineage.version) return fail({ code: "newer-entry", kind, v });
  let data = first;
  for (let version = v; version < lineage.version; version++) {
    const step = lineage.upcast[version];
    if (!step)
      return fail({ code: "invalid", why: "other", path: "v", reason: `no step from ${kind} version ${version}` });
    data = step(data);
  }
  return ok({ ...raw, v: lineage.version, data });
}
