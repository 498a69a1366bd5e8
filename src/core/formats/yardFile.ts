import type { Entry } from "../ledger";
import { fail, ok, type Result } from "../units";
import { checksumOf } from "./checksum";
import { isDeeperThan } from "./depth";
import { entryOf, type Line, lineOf } from "./line";
import { readOlderYard } from "./olderFile";

/**
 * A whole yard as one JSON file: a head, one entry a line as it was written, and in the last line the SHA-256 of every
 * byte before that line. So nothing of it, the head included, may be changed unnoticed, re-indented neither; and what
 * this release cannot read goes through it to the byte.
 *
 *     {"format":"brisk-barrel-yard","schema":5,"exportedAt":"…","count":2,"entries":[
 *     {"id":…},
 *     {"id":…}
 *     ],
 *     "checksum":"…"}
 */
export const YARD_FORMAT = "brisk-barrel-yard";
/**
 * 2: places, rounds, visits and photos. 3: jars, water tests, fining, settlers, cups. 4: acts, reactions, more shapes.
 * 5: lines, writers' counters. Older files read as they are.
 */
export const YARD_SCHEMA = 5;
/** An entry is a handful deep; ten times that is nobody's. */
const MOST_DEPTH = 64;

/** Why a file was not taken. Nothing of it is used. */
export type YardFileError =
  | { readonly code: "not-json" }
  | { readonly code: "not-a-yard" }
  | { readonly code: "too-deep" }
  | { readonly code: "newer-file"; readonly schema: number }
  | { readonly code: "truncated"; readonly count: number; readonly found: number }
  | { readonly code: "checksum" }
  | { readonly code: "duplicate-ids"; readonly id: string }
  /** Two entries on one line, or one on two: which text is whose cannot be told. */
  | { readonly code: "not-a-line"; readonly index: number }
  /** No entry at all: nothing with an id. */
  | { readonly code: "bad-entry"; readonly index: number };

/** A file that was taken: all of it as it stood, and what of it this release can read. */
export interface ReadYard {
  readonly exportedAt: string;
  readonly lines: readonly Line[];
  readonly entries: readonly Entry[];
}

const SEAL = '"checksum":"';
const HEX = 64;

export const writeYardFile = (entries: readonly { readonly id: string }[], exportedAt: string): string =>
  writeYardLines(entries.map(lineOf), exportedAt);

export function writeYardLines(lines: readonly Line[], exportedAt: string): string {
  const head = JSON.stringify({ format: YARD_FORMAT, schema: YARD_SCHEMA, exportedAt, count: lines.length });
  const body = `${head.slice(0, -1)},"entries":[\n${lines.map((l) => l.text).join(",\n")}\n],\n`;
  return `${body}${SEAL}${checksumOf(body)}"}`;
}

export function readYardFile(text: string): Result<ReadYard, YardFileError> {
  if (isDeeperThan(text, MOST_DEPTH)) return fail({ code: "too-deep" });
  const raw = parsed(text);
  if (raw === undefined) return fail({ code: "not-json" });
  if (typeof raw !== "object" || raw === null) return fail({ code: "not-a-yard" });
  const { format, schema, count, entries } = raw as Record<string, unknown>;
  if (format !== YARD_FORMAT || typeof schema !== "number" || !Array.isArray(entries))
    return fail({ code: "not-a-yard" });
  if (schema > YARD_SCHEMA) return fail({ code: "newer-file", schema });
  if (typeof count !== "number") return fail({ code: "not-a-yard" });
  if (count !== entries.length) return fail({ code: "truncated", count, found: entries.length });
  const lines = schema < YARD_SCHEMA ? readOlderYard(raw) : sealedLines(text, count);
  if (!lines) return fail({ code: "checksum" });
  return takeLines(lines, entries, String((raw as { exportedAt?: unknown }).exportedAt));
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** The entries' own text, where the seal is right; null where anything was changed. */
function sealedLines(text: string, count: number): string[] | null {
  const body = text.slice(0, -(SEAL.length + HEX + 2));
  if (text !== `${body}${SEAL}${checksumOf(body)}"}`) return null;
  // The seal is right, so this is a file as it was written: head, entries, and the end of the list.
  const inner = body.split("\n").slice(1, -2);
  return count === 0 ? [] : inner.map((line, i) => (i < inner.length - 1 ? line.slice(0, -1) : line));
}

function takeLines(
  texts: readonly string[],
  raws: readonly unknown[],
  exportedAt: string,
): Result<ReadYard, YardFileError> {
  const lines: Line[] = [];
  const entries: Entry[] = [];
  const ids = new Set<string>();
  // A seal says that nothing was changed, not that it was written as this house writes: each entry is a line of its own.
  if (texts.length !== raws.length) return fail({ code: "not-a-line", index: Math.min(texts.length, raws.length) });
  for (const [index, text] of texts.entries()) {
    if (!saysTheSame(text, raws[index])) return fail({ code: "not-a-line", index });
    const id = idOf(raws[index]);
    if (id === null) return fail({ code: "bad-entry", index });
    if (ids.has(id)) return fail({ code: "duplicate-ids", id });
    ids.add(id);
    const line = { id, text };
    lines.push(line);
    // What cannot be read is kept as it is: a newer release may have written it.
    const entry = entryOf(line);
    if (entry) entries.push(entry);
  }
  return ok({ exportedAt, lines, entries });
}

function saysTheSame(text: string, raw: unknown): boolean {
  try {
    return JSON.stringify(JSON.parse(text)) === JSON.stringify(raw);
  } catch {
    return false;
  }
}

const idOf = (raw: unknown): string | null =>
  typeof raw === "object" && raw !== null && "id" in raw && typeof raw.id === "string" && raw.id !== "" ? raw.id : null;
