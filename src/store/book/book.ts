import { type Line, writeYardLines } from "@/core/formats";
import { fail, ok, type Result } from "@/core/units";
import { type Head, NATIVE_VERSION, YardDb, type YardName } from "../db";
import { type Cause, causeOf, reasonOf, Silent } from "./cause";
import { emptyOther, endsAt, type JournalShelf, type OpenJournal, openAfresh, openAtEnd, yardOf } from "./journal";
import { type DecodedRecords, decodingRecords } from "./journalRecord";
import { type Mended, mend } from "./mend";
import { letReserveGo } from "./reserve";

/** What the book needs of its surroundings, so that tests can give it others. */
export interface BookTools {
  /** Null: this browser has no private files, and there is no second copy. */
  readonly shelf: JournalShelf | null;
  /** Runs work while no other tab runs any. */
  readonly exclusive: <T>(work: () => Promise<T>) => Promise<T>;
  /** Queues whole acts of all tabs: each looks, writes and is done before the next begins. */
  readonly turn: <T>(work: () => Promise<T>) => Promise<T>;
  readonly newBase: () => string;
}

export type BookError =
  /** Another tab has written: look again, then ask again. */
  | { readonly code: "moved-on" }
  /** A newer release, in another tab, has brought the database up to date: this one may not write to it. */
  | { readonly code: "newer" }
  | { readonly code: "not-stored"; readonly cause: Cause; readonly reason: string };

export interface Replacement {
  readonly lines: readonly Line[];
  /** When the yard that stands is kept as a copy that can be put back; null: it is let go of. */
  readonly keepAt: string | null;
}

/** Restores that can be put back. */
const KEPT_YARDS = 3;

class MovedOn extends Error {}
class Outdated extends Error {}
class Vanished extends Error {}

/**
 * The yard on this disk, twice: in the database, and in a journal beside it that the database does not take along when
 * a full disk makes the browser throw it away. Nothing is answered before both have it. Knows lines, not entries.
 */
export class Book {
  private constructor(
    private readonly name: YardName,
    private db: YardDb,
    private readonly tools: BookTools,
    private at: Head,
  ) {}

  /** Opens a yard's book, and makes its two copies agree where they do not. */
  static async open(name: YardName, tools: BookTools): Promise<{ book: Book } & Mended> {
    return tools.exclusive(async () => {
      const db = new YardDb(name);
      const mended = await mend(name, db, tools);
      return { book: new Book(name, db, tools, mended.head), ...mended };
    });
  }

  get head(): Head {
    return this.at;
  }

  /** Adds the lines of one act, if the yard is still the one that was looked at. */
  append(lines: readonly Line[]): Promise<Result<Head, BookError>> {
    return this.write(
      (head) => openHere(this.tools.shelf, head),
      async (head, journal) => {
        const generation = head.generation + 1;
        const end = journal?.add({ generation, base: head.base, fresh: false, lines }) ?? null;
        await this.db.lines.bulkAdd(lines.map((line) => ({ ...line, g: generation })));
        return { ...head, generation, entries: head.entries + lines.length, journal: end };
      },
      ANSWERS_MS,
    );
  }

  /** Puts other lines in the place of all that stand; what they replace is kept in the same stroke. */
  async replace({ lines, keepAt }: Replacement): Promise<Result<Head, BookError>> {
    const base = this.tools.newBase();
    const { shelf } = this.tools;
    const put = await this.write(
      ({ journal }) => (shelf ? openAfresh(shelf, journal?.slot ?? 1) : null),
      async (head, journal) => {
        const generation = head.generation + 1;
        if (keepAt !== null && head.entries > 0) await this.keep(keepAt);
        const end = journal?.add({ generation, base, fresh: true, lines }) ?? null;
        await this.db.lines.clear();
        await this.db.lines.bulkAdd(lines.map((line) => ({ ...line, g: generation })));
        return { generation, entries: lines.length, base, journal: end };
      },
      null,
    );
    // What was replaced is in the database, as a copy; a tab that is killed before this leaves it to the next opening.
    if (put.ok && shelf && put.value.journal)
      await this.tools.exclusive(() => emptyOther(shelf, this.at.journal?.slot ?? 0)).catch(() => undefined);
    return put;
  }

  /** What other tabs have written since this one last looked; null where the whole yard is another. */
  async since(): Promise<readonly Line[] | null> {
    const { db } = this;
    return db.transaction("r", db.lines, db.marks, async () => {
      const head = await this.readHead();
      if (!head) throw new Vanished("the database is empty");
      const before = this.at;
      this.at = head;
      if (head.base !== before.base) return null;
      return db.lines.where("g").above(before.generation).toArray();
    });
  }

  /** Whether another tab has written since this one looked. */
  async isBehind(): Promise<boolean> {
    const head = await this.readHead().catch(() => null);
    return head !== null && (head.generation !== this.at.generation || head.base !== this.at.base);
  }

  lines(): Promise<Line[]> {
    return this.db.lines.toArray();
  }

  async keptYards(): Promise<{ n: number; at: string; entries: number }[]> {
    const kept = await this.db.kept.toArray();
    return kept.map(({ n = 0, at, entries }) => ({ n, at, entries })).reverse();
  }

  async keptYard(n: number): Promise<string | null> {
    return (await this.db.kept.get(n))?.text ?? null;
  }

  async mark<T>(key: string): Promise<T | null> {
    return ((await this.db.marks.get(key))?.value as T | undefined) ?? null;
  }

  async setMark(key: string, value: unknown): Promise<void> {
    await this.db.marks.put({ key, value });
  }

  /** Opens the database anew and puts back what it lacks; `lines` is what the tab still knows. */
  async recover(lines: readonly Line[], isDoubted = false): Promise<Mended> {
    return this.tools.exclusive(async () => {
      this.db.close();
      this.db = new YardDb(this.name);
      const mended = await mend(this.name, this.db, this.tools, { base: this.at.base, lines }, isDoubted);
      this.at = mended.head;
      return mended;
    });
  }

  /**
   * Reads both copies whole and holds the one against the other: alike to the byte, or not. Only the reading holds up other
   * tabs; `rest` is awaited now and then while it is compared.
   */
  async isAlike(rest: () => Promise<void>): Promise<boolean> {
    const { shelf } = this.tools;
    if (!shelf) return true;
    const looked = await this.tools.exclusive(async () => {
      const head = await this.readHead();
      if (!head?.journal) return null;
      const file = await shelf(head.journal.slot);
      const bytes = file.read(0, file.size());
      file.close();
      return { head, bytes, rows: await this.db.lines.toArray(), slot: head.journal.slot };
    });
    if (!looked) return true;
    const journal = yardOf(await decodedWithRests(looked.bytes, rest), looked.slot);
    return (
      journal !== null &&
      !journal.isDamaged &&
      journal.base === looked.head.base &&
      journal.lines.size === looked.rows.length &&
      looked.rows.every((row) => journal.lines.get(row.id)?.text === row.text)
    );
  }

  /** Whether both copies still hold what was acknowledged. */
  async isWhole(): Promise<boolean> {
    const { shelf } = this.tools;
    const look = async (): Promise<boolean> => {
      const head = await this.readHead();
      if (head === null || head.generation < this.at.generation) return false;
      if ((await this.db.lines.count()) !== head.entries) return false;
      return shelf === null || (head.journal !== null && (await endsAt(shelf, head.journal)));
    };
    return this.tools.exclusive(look).catch(() => false);
  }

  close(): void {
    this.db.close();
  }

  /**
   * The journal first, in the database's own transaction: if that fails, the journal is put back to where it was; if
   * the browser is killed in between, the journal is one act ahead, and the next opening takes it from there.
   */
  private write(
    openJournal: (head: Head) => Promise<OpenJournal | null> | null,
    work: (head: Head, journal: OpenJournal | null) => Promise<Head>,
    mostMs: number | null,
  ): Promise<Result<Head, BookError>> {
    const { db } = this;
    const once = async (): Promise<Result<Head, BookError>> => {
      let journal: OpenJournal | null = null;
      try {
        journal = await openJournal(this.at);
        const next = await answered(db, mostMs, () =>
          db.transaction("rw", db.lines, db.marks, db.kept, async () => {
            // The library opens a newer database without a word.
            if (db.backendDB().version > NATIVE_VERSION) throw new Outdated();
            const head = await this.readHead();
            if (!head) throw new Vanished("the browser has emptied the database");
            if (head.generation !== this.at.generation || head.base !== this.at.base) throw new MovedOn();
            // A browser without private files works with one copy; the next one that has them makes the second anew.
            if (head.journal && !journal && this.tools.shelf)
              throw new Vanished("the second copy is not where it ended");
            const rows = await db.lines.count();
            if (rows !== head.entries) throw new Vanished(`the database holds ${rows} of ${head.entries} entries`);
            const written = await work(head, journal);
            await db.marks.put({ key: "head", value: written });
            return written;
          }),
        );
        this.at = next;
        return ok(next);
      } catch (error) {
        // Another tab's journal is not this one's to cut: it is open only where it ends as this tab knows it.
        journal?.undo();
        return fail(wordOf(error));
      } finally {
        journal?.close();
      }
    };
    const tried = (): Promise<Result<Head, BookError>> =>
      this.tools
        .exclusive(once)
        .catch((error) => fail({ code: "not-stored", cause: causeOf(error), reason: reasonOf(error) }));
    return this.withReserve(tried);
  }

  /** A write that found no room is tried once more in the room that was kept for it. */
  private async withReserve(tried: () => Promise<Result<Head, BookError>>): Promise<Result<Head, BookError>> {
    const first = await tried();
    const { shelf } = this.tools;
    if (first.ok || first.error.code !== "not-stored" || first.error.cause !== "full" || !shelf) return first;
    const had = await letReserveGo(shelf).catch(() => false);
    return had && (await this.isWhole()) ? tried() : first;
  }

  private async readHead(): Promise<Head | null> {
    return ((await this.db.marks.get("head"))?.value as Head | undefined) ?? null;
  }

  private async keep(at: string): Promise<void> {
    const { lines, kept } = this.db;
    const standing = await lines.toArray();
    await kept.add({ at, entries: standing.length, text: writeYardLines(standing, at) });
    const all = await kept.toCollection().primaryKeys();
    await kept.bulkDelete(all.slice(0, -KEPT_YARDS));
  }
}

/** So many records are decoded at a stretch. */
const AT_A_STRETCH = 200;

async function decodedWithRests(bytes: Uint8Array, rest: () => Promise<void>): Promise<DecodedRecords> {
  const decoding = decodingRecords(bytes);
  for (let n = 1; ; n++) {
    const { done, value } = decoding.next();
    if (done) return value;
    if (n % AT_A_STRETCH === 0) await rest();
  }
}

/** Null where there is no shelf; the journal may end elsewhere only if another tab wrote, which the transaction finds. */
async function openHere(shelf: JournalShelf | null, { journal }: Head): Promise<OpenJournal | null> {
  return shelf && journal ? openAtEnd(shelf, journal) : null;
}

const wordOf = (error: unknown): BookError => {
  if (error instanceof MovedOn) return { code: "moved-on" };
  if (error instanceof Outdated) return { code: "newer" };
  return { code: "not-stored", cause: causeOf(error), reason: reasonOf(error) };
};

/** Nobody waits longer for a disk: what has not answered by then is told as not written, and is looked for later. */
const ANSWERS_MS = 5000;

/** A transaction that is answered within that time, or given up: on a full disk some never are. */
async function answered<T>(db: YardDb, mostMs: number | null, work: () => PromiseLike<T>): Promise<T> {
  // A whole yard of years takes as long as it takes.
  if (mostMs === null) return work();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const silence = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      // What it may still do is seen at the next look: a yard that has moved on is read anew.
      db.close({ disableAutoOpen: false });
      reject(new Silent());
    }, mostMs);
  });
  try {
    return await Promise.race([work(), silence]);
  } finally {
    clearTimeout(timer);
  }
}
