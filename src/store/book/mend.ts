import type { Line } from "@/core/formats";
import { DB_VERSION, type Head, linesAsFound, versionFound, type YardDb, type YardName } from "../db";
import type { BookTools } from "./book";
import { type Cause, causeOf, reasonOf } from "./cause";
import { emptyOther, endsAt, type JournalYard, keepAside, openAfresh, readJournal } from "./journal";
import type { JournalRecord } from "./journalRecord";

/** That the database had lost entries and the journal gave them back. */
export interface Repair {
  readonly found: number;
  readonly putBack: number;
}

export interface Mended {
  readonly head: Head;
  readonly lines: readonly Line[];
  readonly repair: Repair | null;
  /** Why the database takes nothing: the lines are those of the journal then, and nothing can be written. */
  readonly stuck: Stuck | null;
  /** The second copy no longer read as it was written: it was put aside and made anew. */
  readonly isHarmed: boolean;
}

/** Why nothing can be written, in the browser's words and by what it comes of. */
export interface Stuck {
  readonly cause: Cause;
  readonly reason: string;
}

/** Thrown for a database that a newer release has written: it may be read, and nothing written. */
export class NewerDatabase extends Error {
  constructor(readonly lines: readonly Line[]) {
    super("a newer release has written this yard");
  }
}

/** What a tab still knows of a yard, and which yard that was. */
export interface Memory {
  readonly base: string;
  readonly lines: readonly Line[];
}

const NO_MEMORY: Memory = { base: "", lines: [] };

interface Stored {
  readonly head: Head | null;
  readonly rows: readonly Line[];
}

/**
 * Makes database and journal agree. Usually both end where the database's head says, and nothing is read twice. A
 * journal that is further is taken from there; a database that has fewer entries than it says, or none and no head,
 * gets them back; a journal that is missing or stops short is written anew.
 */
export async function mend(
  name: YardName,
  db: YardDb,
  tools: BookTools,
  memory: Memory = NO_MEMORY,
  isDoubted = false,
): Promise<Mended> {
  let stored: Stored = { head: null, rows: [] };
  try {
    await savedBeforeMigrating(name, tools);
    stored = await read(db);
    const { head, rows } = stored;
    const isFine = !isDoubted && head !== null && isWhole(stored) && (await agrees(head, tools));
    const mended = isFine
      ? { head, lines: rows, repair: null, stuck: null, isHarmed: false }
      : await madeToAgree(stored, db, tools, memory);
    if (tools.shelf && mended.head.journal) await emptyOther(tools.shelf, mended.head.journal.slot);
    return mended;
  } catch (error) {
    if (error instanceof NewerDatabase) throw error;
    return stuckAt(stored, tools, memory, { cause: causeOf(error), reason: reasonOf(error) });
  }
}

async function read(db: YardDb): Promise<Stored> {
  await db.open();
  const head = ((await db.marks.get("head"))?.value as Head | undefined) ?? null;
  return { head, rows: await db.lines.toArray() };
}

const isWhole = ({ head, rows }: Stored): boolean => head !== null && rows.length === head.entries;

async function madeToAgree(stored: Stored, db: YardDb, tools: BookTools, memory: Memory): Promise<Mended> {
  const journal = tools.shelf ? await readJournal(tools.shelf) : null;
  const { base = tools.newBase(), lines } = agreed(stored, journal, memory);
  const known = new Map(stored.rows.map((row) => [row.id, row.text]));
  const missing = lines.filter((line) => !known.has(line.id));
  const changed = lines.filter((line) => known.has(line.id) && known.get(line.id) !== line.text);
  const generation = Math.max(stored.head?.generation ?? 0, journal?.generation ?? 0) + 1;
  const end = await journalOf({ generation, base, fresh: true, lines }, journal, tools);
  const isReplaced = lines.length - missing.length < known.size;
  const put = isReplaced ? lines : [...missing, ...changed];
  const head: Head = { generation, base, entries: lines.length, journal: end };
  await db.transaction("rw", db.lines, db.marks, async () => {
    if (isReplaced) await db.lines.clear();
    await db.lines.bulkPut(put.map((line) => ({ ...line, g: generation })));
    await db.marks.put({ key: "head", value: head });
  });
  // One act more in the journal than in a whole database is no loss: it was never acknowledged.
  const lost = missing.length > 0 && !isWhole(stored);
  const isHarmed = journal?.isDamaged === true || changed.length > 0;
  return { head, lines, repair: lost ? { found: known.size, putBack: missing.length } : null, stuck: null, isHarmed };
}

/** The journal as it must be: left alone where it holds just these lines, or written whole to the other file. */
async function journalOf(
  record: JournalRecord,
  journal: JournalYard | null,
  tools: BookTools,
): Promise<Head["journal"]> {
  if (!tools.shelf) return null;
  const same = !journal?.isDamaged && journal?.base === record.base && journal.lines.size === record.lines.length;
  if (journal?.isDamaged) await keepAside(tools.shelf, journal.end.slot);
  if (journal && same && (await endsAt(tools.shelf, journal.end))) return journal.end;
  const file = await openAfresh(tools.shelf, journal?.end.slot ?? 1);
  try {
    return file.add(record);
  } finally {
    file.close();
  }
}

async function agrees(head: Head, { shelf }: BookTools): Promise<boolean> {
  if (!shelf) return true;
  return head.journal !== null && (await endsAt(shelf, head.journal));
}

/**
 * The yard that was acknowledged: what either copy has, or the tab remembers, if they build on one yard. Otherwise the
 * database's, where it is whole (a replacement that got no further than the journal was never acknowledged), or that of
 * the later.
 */
function agreed(
  stored: Stored,
  journal: JournalYard | null,
  memory: Memory,
): { base: string | undefined; lines: readonly Line[] } {
  const { head, rows } = stored;
  const own = rows.map(({ id, text }) => ({ id, text }));
  const base = head?.base ?? journal?.base;
  if (head && journal && head.base !== journal.base)
    return isWhole(stored) || head.generation > journal.generation
      ? { base, lines: own }
      : { base: journal.base, lines: [...journal.lines.values()] };
  // A tab that has not seen the yard replaced remembers another one.
  const remembered = isWhole(stored) || (base !== undefined && base !== memory.base) ? [] : memory.lines;
  return { base, lines: union([...(journal?.lines.values() ?? [])], own, remembered) };
}

function union(...lists: readonly (readonly Line[])[]): readonly Line[] {
  const all = new Map<string, Line>();
  for (const line of lists.flat()) if (!all.has(line.id)) all.set(line.id, line);
  return [...all.values()];
}

/** What there is to look at while the disk takes nothing. */
async function stuckAt(stored: Stored, tools: BookTools, memory: Memory, stuck: Stuck): Promise<Mended> {
  const journal = await (tools.shelf ? readJournal(tools.shelf) : null)?.catch(() => null);
  const { base = "", lines } = agreed(stored, journal ?? null, memory);
  const generation = stored.head?.generation ?? journal?.generation ?? 0;
  const head: Head = { generation, base, entries: lines.length, journal: journal?.end ?? null };
  const putBack = lines.length - stored.rows.length;
  return { head, lines, repair: putBack > 0 ? { found: stored.rows.length, putBack } : null, stuck, isHarmed: false };
}

/** A database of an older release is copied to the journal before it is brought up to date: a full disk may lose it. */
async function savedBeforeMigrating(name: YardName, { shelf, newBase }: BookTools): Promise<void> {
  const version = await versionFound(name);
  if (version === null || version === DB_VERSION) return;
  const lines = await linesAsFound(name);
  if (version > DB_VERSION) throw new NewerDatabase(lines);
  if (!shelf || lines.length === 0) return;
  const file = await openAfresh(shelf, 1);
  try {
    file.add({ generation: 0, base: newBase(), fresh: true, lines });
  } finally {
    file.close();
  }
}
