import { MS_PER_DAY } from "@/core/units";

/** The newest of these days and months are kept beside the newest few, so that a mistake found late can be looked up. */
const NEWEST = 5;
const DAYS = 7;
const MONTHS = 12;

const STAMP = /^(.+)-(\d{4}-\d\d-\d\d)-(\d{6})\.json$/;

/** "my-yard-2026-11-25-213500.json": of one second, so that names sort as time does. */
export const copyName = (yard: string, at: string): string =>
  `${yard}-${at.slice(0, 10)}-${at.slice(11, 19).replaceAll(":", "")}.json`;

/**
 * Which of a folder's files may go: of this yard's copies, all but the newest few, the last of each of the latest days
 * and the last of each of the latest months. Whatever else lies in the folder is not spoken of.
 */
export function copiesToDrop(names: readonly string[], yard: string, now: string): string[] {
  const copies = names
    .flatMap((name) => {
      const [, whose, day, time] = STAMP.exec(name) ?? [];
      return whose === yard && day !== undefined && time !== undefined ? [{ name, day, at: `${day} ${time}` }] : [];
    })
    .sort((a, b) => (a.at < b.at ? 1 : -1));
  const since = new Date(Date.parse(now) - DAYS * MS_PER_DAY).toISOString().slice(0, 10);
  const keep = new Set(copies.slice(0, NEWEST).map((c) => c.name));
  for (const [day, last] of lastOf(copies, (c) => c.day)) if (day >= since) keep.add(last);
  for (const [, last] of [...lastOf(copies, (c) => c.day.slice(0, 7))].slice(0, MONTHS)) keep.add(last);
  return copies.map((c) => c.name).filter((name) => !keep.has(name));
}

/** Of copies from the newest back: the newest of each span. */
function lastOf<T extends { readonly name: string }>(copies: readonly T[], span: (copy: T) => string) {
  const last = new Map<string, string>();
  for (const copy of copies) if (!last.has(span(copy))) last.set(span(copy), copy.name);
  return last;
}
