import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import { type Entry, type LedgerError, readEntry } from "../ledger";
import { fail, ok, type Result } from "../units";

/**
 * A whole yard as one JSON file. `checksum` is the SHA-256 of `JSON.stringify(entries)` as they stand in the file, so
 * that a file may be re-indented but not shortened or changed unnoticed.
 */
export const YARD_FORMAT = "brisk-barrel-yard";
/** 2: places, rounds, visits and photos. 3: jars, water tests, fining, settlers, cups. Older files read as they are. */
export const YARD_SCHEMA = 3;

export interface YardFile {
  readonly format: typeof YARD_FORMAT;
  readonly schema: number;
  readonly exportedAt: string;
  readonly count: number;
  readonly checksum: string;
  readonly entries: readonly Entry[];
}

/** Why a file was not taken. Nothing of it is used. */
export type YardFileError =
  | { readonly code: "not-json" }
  | { readonly code: "not-a-yard" }
  | { readonly code: "newer-file"; readonly schema: number }
  | { readonly code: "truncated"; readonly count: number; readonly found: number }
  | { readonly code: "checksum" }
  | { readonly code: "duplicate-ids"; readonly id: string }
  | { readonly code: "bad-entry"; readonly index: number; readonly error: LedgerError };

const checksumOf = (entries: unknown): string => bytesToHex(sha256(utf8ToBytes(JSON.stringify(entries))));

export function writeYardFile(entries: readonly Entry[], exportedAt: string): string {
  const file: YardFile = {
    format: YARD_FORMAT,
    schema: YARD_SCHEMA,
    exportedAt,
    count: entries.length,
    checksum: checksumOf(entries),
    entries,
  };
  return JSON.stringify(file);
}

export function readYardFile(text: string): Result<Entry[], YardFileError> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return fail({ code: "not-json" });
  }
  if (typeof raw !== "object" || raw === null) return fail({ code: "not-a-yard" });
  const { format, schema, count, checksum, entries } = raw as Record<string, unknown>;
  if (format !== YARD_FORMAT || typeof schema !== "number" || !Array.isArray(entries))
    return fail({ code: "not-a-yard" });
  if (schema > YARD_SCHEMA) return fail({ code: "newer-file", schema });
  if (typeof count !== "number") return fail({ code: "not-a-yard" });
  if (count !== entries.length) return fail({ code: "truncated", count, found: entries.length });
  if (checksum !== checksumOf(entries)) return fail({ code: "checksum" });
  const read: Entry[] = [];
  const ids = new Set<string>();
  for (const [index, candidate] of entries.entries()) {
    const entry = readEntry(candidate);
    if (!entry.ok) return fail({ code: "bad-entry", index, error: entry.error });
    if (ids.has(entry.value.id)) return fail({ code: "duplicate-ids", id: entry.value.id });
    ids.add(entry.value.id);
    read.push(entry.value);
  }
  return ok(read);
}
