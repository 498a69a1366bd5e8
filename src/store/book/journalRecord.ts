import { checksumOf, type Line } from "@/core/formats";

/**
 * The journal is a text file to which each act adds one record: a head of one line, then the entries as they were
 * written, one a line. A record at the end without all its bytes was not finished, and does not count.
 */
export interface JournalRecord {
  /** The yard's generation once this was written. */
  readonly generation: number;
  /** The replacement of the whole yard that this builds on: by its own name. */
  readonly base: string;
  /** Whether it is that replacement: what came before it no longer counts. */
  readonly fresh: boolean;
  readonly lines: readonly Line[];
}

interface Head {
  readonly generation: number;
  readonly base: string;
  readonly fresh: boolean;
  readonly bytes: number;
  readonly sum: string;
}

const MARK = "#yard ";
const NEWLINE = 10;
const encoder = new TextEncoder();
const decoder = new TextDecoder();

export function encodeRecord({ generation, base, fresh, lines }: JournalRecord): Uint8Array {
  const body = lines.map((line) => `${line.text}\n`).join("");
  const bytes = encoder.encode(body).length;
  const head: Head = { generation, base, fresh, bytes, sum: checksumOf(`${generation} ${base} ${fresh} ${body}`) };
  return encoder.encode(`${MARK}${JSON.stringify(head)}\n${body}`);
}

/** What of a journal's bytes still reads as it was written. */
export interface DecodedRecords {
  readonly records: JournalRecord[];
  /** Where the last whole record ends; what follows was not finished. */
  readonly whole: number;
  /** Stretches that were written and no longer read: a disk that turned a bit, a file that somebody opened. */
  readonly damaged: number;
}

/** The whole records of some bytes. After one that no longer reads it goes on at the next: each has its own checksum. */
export function decodeRecords(bytes: Uint8Array): DecodedRecords {
  const decoding = decodingRecords(bytes);
  for (;;) {
    const { done, value } = decoding.next();
    if (done) return value;
  }
}

/** The same, that may be left for a moment after each record. */
export function* decodingRecords(bytes: Uint8Array): Generator<void, DecodedRecords> {
  const records: JournalRecord[] = [];
  let [at, whole, damaged] = [0, 0, 0];
  while (at < bytes.length) {
    const read = decodeRecord(bytes, at);
    if (typeof read === "object") {
      records.push(read.record);
      whole = read.end;
      at = read.end;
      yield;
      continue;
    }
    const next = nextRecord(bytes, at + 1);
    if (next >= 0 || read === "wrong") damaged += 1;
    if (next < 0) break;
    at = next;
  }
  return { records, whole, damaged };
}

const MARK_BYTES = encoder.encode(MARK);

/** Where the next record may begin: a line that starts with the mark. No line of an entry does. */
function nextRecord(bytes: Uint8Array, from: number): number {
  for (let at = bytes.indexOf(NEWLINE, from - 1); at >= 0; at = bytes.indexOf(NEWLINE, at + 1))
    if (MARK_BYTES.every((byte, i) => bytes[at + 1 + i] === byte)) return at + 1;
  return -1;
}

/** "torn": not all of it is there; "wrong": it is, and says something else than was written. */
function decodeRecord(bytes: Uint8Array, from: number): { record: JournalRecord; end: number } | "torn" | "wrong" {
  const headEnd = bytes.indexOf(NEWLINE, from);
  if (headEnd < 0) return "torn";
  const head = headOf(decoder.decode(bytes.subarray(from, headEnd)));
  if (!head) return "wrong";
  const end = headEnd + 1 + head.bytes;
  if (end > bytes.length) return "torn";
  const body = decoder.decode(bytes.subarray(headEnd + 1, end));
  const { generation, base, fresh } = head;
  if (head.sum !== checksumOf(`${generation} ${base} ${fresh} ${body}`)) return "wrong";
  const texts = body.split("\n").slice(0, -1);
  const lines = texts.map((text) => ({ id: (JSON.parse(text) as { id: string }).id, text }));
  return { record: { generation, base, fresh, lines }, end };
}

function headOf(text: string): Head | null {
  if (!text.startsWith(MARK)) return null;
  try {
    const head = JSON.parse(text.slice(MARK.length)) as Head;
    return typeof head.generation === "number" && Number.isInteger(head.bytes) && head.bytes >= 0 ? head : null;
  } catch {
    return null;
  }
}
