import type { Line, ReadYard } from "@/core/formats";
import { type Entry, oddTextIn, type Timeline } from "@/core/ledger";

/** What a file brings, said before it takes the place of the yard that stands. */
export interface RestoreReport {
  readonly entries: number;
  readonly exportedAt: string;
  readonly faults: number;
  /** Kept, but not read by this release. */
  readonly unreadable: number;
  /** Hold a hidden character in some text. */
  readonly odd: number;
  /** Correct each other in a circle: no device writes that. The last written stands. */
  readonly circles: number;
  /** Of the entries that stand here, how many the file has to the letter: so many are carried away with it. */
  readonly same: number;
}

/** Entries from which a chain of corrections comes back to itself. */
function inCircles(entries: readonly Entry[]): number {
  const replaced = new Map(entries.map((e) => [e.id, e.replaces]));
  const comesBack = ({ id }: Entry): boolean => {
    const seen = new Set<string>([id]);
    for (let at = replaced.get(id); at !== undefined; at = replaced.get(at)) {
      if (at === id) return true;
      if (seen.has(at)) return false;
      seen.add(at);
    }
    return false;
  };
  return entries.filter(comesBack).length;
}

function sameIn(lines: readonly Line[], standing: readonly Line[]): number {
  const texts = new Map(lines.map(({ id, text }) => [id, text]));
  return standing.filter(({ id, text }) => texts.get(id) === text).length;
}

/** `standing`: the lines of the yard that is here. */
export const reportOf = (
  { lines, entries, exportedAt }: ReadYard,
  { head }: Timeline,
  standing: readonly Line[],
): RestoreReport => ({
  entries: lines.length,
  exportedAt,
  faults: head.faults.length,
  unreadable: lines.length - entries.length,
  odd: entries.filter((e) => oddTextIn({ data: e.data, note: e.note })).length,
  circles: inCircles(entries),
  same: sameIn(lines, standing),
});
