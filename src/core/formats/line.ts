import { type Entry, readEntry } from "../ledger";

/** An entry to the byte as it was written, by whichever release: one line of JSON. It is never rewritten. */
export interface Line {
  readonly id: string;
  readonly text: string;
}

/** The line of an entry that this build has just made. */
export const lineOf = (entry: { readonly id: string }): Line => ({ id: entry.id, text: JSON.stringify(entry) });

/** What a line says, where this build can read it; null where it cannot: then it is kept, and left out of every figure. */
export function entryOf(line: Line): Entry | null {
  const read = readEntry(JSON.parse(line.text));
  return read.ok ? read.value : null;
}

/** Lines in the order of what happened, whatever release wrote them; what has no times comes first. */
export function inTime(lines: readonly Line[]): Line[] {
  const keyed = lines.map((line) => {
    const { happenedAt, recordedAt } = JSON.parse(line.text) as Record<string, unknown>;
    return { line, key: `${happenedAt ?? ""} ${recordedAt ?? ""} ${line.id}` };
  });
  return keyed.sort((a, b) => (a.key === b.key ? 0 : a.key < b.key ? -1 : 1)).map(({ line }) => line);
}
