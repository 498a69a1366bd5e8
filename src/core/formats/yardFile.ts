import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import { type Entry, readEntry } from "../ledger";
import { fail, ok, type Result } from "../units";

/**
 * A whole yard as one JSON file. `checksum` is the SHA-256 of `JSON.stringify(entries)` as they stand in the file, so
 * that a file may be re-indented but not shortened or changed unnoticed.
 */
export const YARD_FORMAT = "brisk-barrel-yard";
/**
 * 2: places, rounds, visits and photos. 3: jars, water tests, fining, settlers, cups. 4: acts, reactions, more shapes.
 * Older files read as they are.
 */
export const YARD_SCHEMA = 4;

export interface YardFile {
  readonly format: typeof YARD_FORMAT;
  readonly schema: number;
  readonly exportedAt: string;
  readonly count: number;
  readonly checksum: string;
  /** As they were written, also those that this release cannot read. */
  readonly entries: readonly unknown[];
}

/** Why a file was not taken. Nothing of it is used. */
export type YardFileError =
  | { readonly code: "not-json" }
  | { readonly code: "not-a-yard" }
  | { readonly code: "newer-file"; readonly schema: number }
  | { readonly code: "truncated"; readonly count: number; readonly found: number }
  | { readonly code: "checksum" }
  | { readonly code: "duplicate-ids"; readonly id: string }
  /** No entry at all: nothing with an id. */
  | { readonly code: "bad-entry"; readonly index: number };

/** A file that was taken: all of it as it stood, and what of it this release can read. */
export interface ReadYard {
  readonly raws: readonly Raw[];
  readonly entries: readonly Entry[];
}

/** An entry as it was written, by whichever release. */
export type Raw = { readonly id: string } & Readonly<Record<string, unknown>>;

const checksumOf = (entries: unknown): string => bytesToHex(sha256(utf8ToBytes(JSON.stringify(entries))));

export function writeYardFile(entries: readonly object[], exportedAt: string): string {
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

export function readYardFile(text: string): Result<ReadYard, YardFileError> {
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
  const raws: Raw[] = [];
  const read: Entry[] = [];
  const ids = new Set<string>();
  for (const [index, raw] of entries.entries()) {
    if (!isRaw(raw)) return fail({ code: "bad-entry", index });
    if (ids.has(raw.id)) return fail({ code: "duplicate-ids", id: raw.id });
    ids.add(raw.id);
    raws.push(raw);
    // What cannot be read is kept as it is: a newer release may have written it.
    const entry = readEntry(raw);
    if (entry.ok) read.push(entry.value);
  }
  return ok({ raws, entries: read });
}

const isRaw = (raw: unknown): raw is Raw =>
  typeof raw === "object" && raw !== null && "id" in raw && typeof raw.id === "string" && raw.id !== "";
