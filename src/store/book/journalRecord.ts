import { checksumOf, type Line } from "@/core/formats";

/**
 * The journal is a text file to which each act adds one record: a head of one line, then the entries as they were
 * written, one a line. A record without all its bytes, or whose checksum is wrong, was not finished, and nothing after
 * it counts.
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

/** The whole records at the beginning of some bytes, and how many bytes they are; what follows was not finished. */
export function decodeRecords(bytes: Uint8Array): { readonly records: JournalRecord[]; readonly whole: number } {
  const records: JournalRecord[] = [];
  let whole = 0;
  for (;;) {
    const read = decodeRecord(bytes, whole);
    if (!read) return { records, whole };
    records.push(read.record);
    whole = read.end;
  }
}

function decodeRecord(bytes: Uint8Array, from: number): { record: JournalRecord; end: number } | null {
  const headEnd = bytes.indexOf(NEWLINE, from);
  if (headEnd < 0) return null;
  const head = headOf(decoder.decode(bytes.subarray(from, headEnd)));
  if (!head) return null;
  const end = headEnd + 1 + head.bytes;
  if (end > bytes.length) return null;
  const body = decoder.decode(bytes.subarray(headEnd + 1, end));
  const { generation, base, fresh } = head;
  if (head.sum !== checksumOf(`${generation} ${base} ${fresh} ${body}`)) return null;
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
