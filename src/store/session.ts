import { entryOf, inTime, type Line, lineOf, readYardFile, writeYardLines, type YardFileError } from "@/core/formats";
import { appendEntries, buildTimeline, type Draft, type Entry, type EntryId, forget } from "@/core/ledger";
import { fail, ok, type Result } from "@/core/units";
import type { ViewChange } from "@/core/view";
import { Book, type BookError } from "./book/book";
import { type Cause, causeOf, reasonOf } from "./book/cause";
import { type Mended, NewerDatabase, type Repair } from "./book/mend";
import { keepReserve } from "./book/reserve";
import type { BookState, Copied, Trouble } from "./bookState";
import type { YardName } from "./db";
import type { Look } from "./offer";
import { type OfferError, offerAct, type Stamp } from "./offer";
import { YardReader } from "./reader";
import { type RestoreReport, reportOf } from "./restoreReport";
import type { SessionTools } from "./tools";

/** What the page knows of a yard from outside its database, for when that knows it no longer. */
export interface KnownBefore {
  /** The id this device went by. */
  readonly device: string | null;
  readonly copied: Copied | null;
}

/** What a page is told: what has changed of the view, and how the book stands. */
export interface Seen {
  readonly change: ViewChange;
  readonly book: BookState;
}

export interface Written extends Seen {
  readonly ids: readonly EntryId[];
}

export type StoreError =
  | OfferError
  | { readonly code: "not-stored"; readonly cause: Cause; readonly reason: string }
  /** A newer release has written this yard. */
  | { readonly code: "read-only" };

/** Other tabs may write again and again while this one looks: after so many looks it gives up and says so. */
const MOST_LOOKS = 20;
/** How long another tab's writes are gathered before they are looked at together. */
const GATHER_MS = 60;

/**
 * One yard, open in one tab: its book on the disk, its timeline in memory. Every change is offered to the ledger first,
 * written second, against the yard that was looked at, and only then seen. Calls run one after another.
 */
export class YardSession extends YardReader {
  private unreadable: readonly Line[] = [];
  /** While the database is not to be had: the lines as they were found, for whoever carries them away. */
  private found: readonly Line[] = [];
  private counter = 0;
  private copied: Copied | null = null;
  private trouble: Trouble | null = null;
  private repair: Repair | null = null;
  private isHarmed = false;
  private isTight = false;
  private last: Promise<unknown> = Promise.resolve();
  private isLookDue = false;
  private isClosed = false;
  private device = "";

  protected constructor(
    /** Null: it is read-only. */
    protected readonly book: Book | null,
    private readonly channel: BroadcastChannel,
    private readonly tools: Pick<SessionTools, "shelf" | "turn">,
  ) {
    super();
  }

  /** Opens a yard; `onChange` is called when another tab has written to it. */
  static async open(
    name: YardName,
    tools: SessionTools,
    onChange: () => void = () => undefined,
    known: KnownBefore = { device: null, copied: null },
  ): Promise<YardSession> {
    const channel = new BroadcastChannel(`brisk-barrel ${name}`);
    try {
      const { book, ...mended } = await Book.open(name, tools);
      const session = new this(book, channel, tools);
      session.take(mended);
      await session.knowMarks(known, tools.newDevice);
      session.watch(onChange);
      return session;
    } catch (error) {
      if (!(error instanceof NewerDatabase)) throw error;
      const session = new this(null, channel, tools);
      session.read(error.lines);
      session.found = error.lines;
      session.trouble = { code: "newer" };
      return session;
    }
  }

  look(now: string, look: Look): Seen {
    return { change: this.changes(now, look), book: this.bookState() };
  }

  bookState(): BookState {
    const entries = this.timeline.byId.size + this.unreadable.length;
    const { trouble, repair, isHarmed, isTight } = this;
    const twice = this.tools.shelf !== null;
    // A copy of the yard that stood here before this one is none of it.
    const copied = this.copied?.base === this.book?.head.base ? this.copied : null;
    const sinceCopy = entries - (copied?.entries ?? 0);
    const unreadable = this.unreadable.length;
    const latestAt = this.latestAt();
    return { entries, unreadable, latestAt, copied, sinceCopy, trouble, repair, isHarmed, isTight, twice };
  }

  /** Writes the entries of one act: all of them or none. */
  append(drafts: readonly Draft[], stamp: Stamp): Promise<Result<Written, StoreError>> {
    return this.queue(async () => {
      const { book } = this;
      if (!book) return fail({ code: "read-only" });
      if (this.trouble && !(await this.recovered(book)).ok) return notStored(this.trouble);
      return this.inTurn(async () => {
        for (let looks = 0; looks < MOST_LOOKS; looks++) {
          const written = await this.tryAppend(book, drafts, stamp, looks === 0);
          if (written !== "look again" && (written.ok || !(await book.isBehind()))) return written;
          // What does not add up may do so with what another tab has just written.
          if (written !== "look again") await this.catchUp(book);
        }
        return BUSY;
      });
    });
  }

  /** Acts of all tabs queue: a tab that looked before another wrote would else be overtaken again and again. */
  private inTurn<T>(work: () => Promise<Result<T, StoreError>>): Promise<Result<T, StoreError>> {
    return this.tools
      .turn(work)
      .catch((error: unknown) => fail({ code: "not-stored", cause: causeOf(error), reason: reasonOf(error) }));
  }

  private async tryAppend(
    book: Book,
    drafts: readonly Draft[],
    stamp: Stamp,
    isFirst: boolean,
  ): Promise<Result<Written, StoreError> | "look again"> {
    const present = this.present(stamp.now);
    const offered = offerAct(this.timeline, drafts, stamp, { present, device: this.device, counter: this.counter });
    if (!offered.ok) return offered;
    const { entries, timeline } = offered.value;
    const ids = entries.map((e) => e.id);
    const stored = await book.append(entries.map(lineOf));
    if (stored.ok) {
      this.timeline = timeline;
      this.counter += entries.length;
      this.channel.postMessage("changed");
      return ok({ ids, ...this.look(stamp.now, stamp.look) });
    }
    forget(this.timeline, ids);
    return (await this.mayTryAgain(book, stored.error, isFirst)) ? "look again" : this.refusal(stored.error);
  }

  /**
   * Another tab wrote: what is new is read, and it is tried again. A write failed: the browser may have thrown the
   * database away, before it or with it; what it has lost is put back at once, and it is tried once more.
   */
  private async mayTryAgain(book: Book, error: BookError, isFirst: boolean): Promise<boolean> {
    if (error.code === "newer") {
      this.trouble = { code: "newer" };
      return false;
    }
    // Who waited in vain for another tab has nothing to mend.
    if (error.code === "not-stored" && error.cause === "busy") return false;
    if (error.code === "not-stored") return !(await book.isWhole()) && (await this.recovered(book)).ok && isFirst;
    await this.catchUp(book);
    return true;
  }

  private refusal(error: BookError): Result<never, StoreError> {
    if (error.code === "not-stored") return fail(error);
    return fail({ code: "read-only" });
  }

  /**
   * In idle time after an opening: both copies are read whole and held against each other, and room is kept for the moment
   * the disk is full. Says whether there is anything to tell.
   */
  async check(rest: () => Promise<void>): Promise<boolean> {
    const { book } = this;
    const { shelf } = this.tools;
    if (!book || this.trouble || this.isClosed) return false;
    const isAlike = await book.isAlike(rest).catch(() => true);
    if (!isAlike) await this.queue(async () => this.take(await book.recover([], true)));
    const wasTight = this.isTight;
    // In a turn of its own: while it tries how much room there is, no act may find none.
    if (shelf) {
      const room = await this.tools.turn(() => keepReserve(shelf)).catch(() => null);
      this.isTight = room?.isTight ?? wasTight;
    }
    return !isAlike || this.isTight !== wasTight;
  }

  /** Puts back what the disk has lost; asked again and again while it takes nothing. */
  recover(): Promise<Result<BookState, StoreError>> {
    return this.queue(async () => {
      if (!this.book) return fail({ code: "read-only" });
      const done = await this.recovered(this.book);
      return done.ok ? ok(this.bookState()) : done;
    });
  }

  private async recovered(book: Book): Promise<Result<true, StoreError>> {
    const memory = [...[...this.timeline.byId.values()].map(lineOf), ...this.unreadable];
    try {
      this.take(await book.recover(memory));
    } catch (error) {
      if (!(error instanceof NewerDatabase)) throw error;
      // Another tab of a newer release has opened the yard meanwhile.
      this.trouble = { code: "newer" };
    }
    if (this.trouble) return notStored(this.trouble);
    // The marks went with the database.
    await book.setMark("device", this.device);
    if (this.copied) await book.setMark("copied", this.copied);
    this.channel.postMessage("changed");
    return ok(true);
  }

  /** Everything that is stored, to the byte as it was written: also what this release cannot read. */
  exportFile(now: string): Promise<string> {
    return this.queue(async () => writeYardLines(inTime(await this.lines()), now));
  }

  /** Notes that the yard as it stands was carried away. */
  noteCopy(at: string, where: Copied["where"], held?: number): Promise<BookState> {
    return this.queue(async () => {
      const entries = held ?? this.timeline.byId.size + this.unreadable.length;
      this.copied = { at, entries, base: this.book?.head.base ?? "", where };
      await this.book?.setMark("copied", this.copied);
      return this.bookState();
    });
  }

  /** What a file would bring, without taking it. */
  async checkFile(text: string): Promise<Result<RestoreReport, YardFileError>> {
    const read = readYardFile(text);
    return read.ok ? ok(reportOf(read.value, buildTimeline(read.value.entries), await this.lines())) : read;
  }

  /** Puts a file's yard in place of this one, all or nothing; what it replaces is kept as a copy. */
  restore(text: string, now: string): Promise<Result<RestoreReport, YardFileError | StoreError>> {
    return this.queue(async () => {
      const read = readYardFile(text);
      if (!read.ok) return read;
      const put = await this.replaceAll(read.value.lines, now);
      return put.ok ? ok(reportOf(read.value, this.timeline, read.value.lines)) : put;
    });
  }

  keptYards(): Promise<{ n: number; at: string; entries: number }[]> {
    return this.book?.keptYards() ?? Promise.resolve([]);
  }

  keptYard(n: number): Promise<string | null> {
    return this.book?.keptYard(n) ?? Promise.resolve(null);
  }

  mark<T>(key: string): Promise<T | null> {
    return this.book?.mark<T>(key) ?? Promise.resolve(null);
  }

  async setMark(key: string, value: unknown): Promise<void> {
    await this.book?.setMark(key, value);
  }

  /** Fills the demo yard, unless somebody has written in it; then only when `force` says so. */
  seed(entries: readonly Entry[], force: boolean): Promise<boolean> {
    return this.queue(async () => {
      const touched = [...this.timeline.byId.values()].some((e) => e.device !== "demo");
      if (touched && !force) return false;
      return (await this.replaceAll(entries.map(lineOf), null)).ok;
    });
  }

  close(): void {
    this.isClosed = true;
    this.channel.close();
    this.book?.close();
  }

  private async replaceAll(lines: readonly Line[], keepAt: string | null): Promise<Result<true, StoreError>> {
    const { book } = this;
    if (!book) return fail({ code: "read-only" });
    if (this.trouble && !(await this.recovered(book)).ok) return notStored(this.trouble);
    return this.inTurn<true>(async () => {
      for (let looks = 0; looks < MOST_LOOKS; looks++) {
        const put = await book.replace({ lines, keepAt });
        if (put.ok) {
          this.read(lines);
          this.channel.postMessage("changed");
          return ok(true);
        }
        if (!(await this.mayTryAgain(book, put.error, looks === 0))) return this.refusal(put.error);
      }
      return BUSY;
    });
  }

  /** The lines on the disk; where it has lost any, with what this tab still knows. */
  private async lines(): Promise<readonly Line[]> {
    const known = new Map(this.unreadable.map((line) => [line.id, line]));
    for (const entry of this.timeline.byId.values()) known.set(entry.id, lineOf(entry));
    const rows = await (this.book?.lines() ?? Promise.resolve([])).catch(() => []);
    for (const { id, text } of [...this.found, ...rows]) known.set(id, { id, text });
    return [...known.values()];
  }

  /** Another tab has written: what is new is read, once, however often it wrote. */
  private watch(onChange: () => void): void {
    this.channel.onmessage = () => {
      if (this.isLookDue) return;
      this.isLookDue = true;
      setTimeout(() => {
        this.isLookDue = false;
        const look = async (): Promise<void> => {
          if (this.book && !this.trouble && !this.isClosed) await this.catchUp(this.book);
        };
        void this.queue(look).then(onChange, onChange);
      }, GATHER_MS);
    };
  }

  private async catchUp(book: Book): Promise<void> {
    const lines = await book.since();
    if (lines === null) this.read(await book.lines());
    else this.add(lines);
  }

  private take({ lines, repair, stuck, isHarmed }: Mended): void {
    this.trouble = stuck === null ? null : { code: "stuck", ...stuck };
    this.isHarmed ||= isHarmed;
    this.found = stuck === null ? [] : lines;
    this.repair = repair ?? this.repair;
    this.read(lines);
  }

  private read(lines: readonly Line[]): void {
    this.unreadable = [];
    this.counter = 0;
    this.timeline = buildTimeline(this.readable(lines));
  }

  private add(lines: readonly Line[]): void {
    const fresh = this.readable(lines).filter((e) => !this.timeline.byId.has(e.id));
    if (fresh.length > 0) this.timeline = appendEntries(this.timeline, fresh);
  }

  private readable(lines: readonly Line[]): Entry[] {
    const entries: Entry[] = [];
    const strange: Line[] = [];
    for (const line of lines) {
      const entry = entryOf(line);
      if (entry) entries.push(entry);
      else strange.push({ id: line.id, text: line.text });
      this.counter = Math.max(this.counter, entry?.counter ?? 0);
    }
    this.unreadable = [...this.unreadable, ...strange];
    return entries;
  }

  private async knowMarks(before: KnownBefore, newDevice: () => string): Promise<void> {
    const book = this.trouble ? null : this.book;
    this.copied = (await book?.mark<Copied>("copied")) ?? before.copied;
    const device = await book?.mark<string>("device");
    this.device = device ?? before.device ?? newDevice();
    if (book && !device) await book.setMark("device", this.device);
  }

  private queue<T>(work: () => Promise<T>): Promise<T> {
    const next = this.last.then(work);
    this.last = next.catch(() => undefined);
    return next;
  }
}

const notStored = (trouble: Trouble): Result<never, StoreError> =>
  fail(
    trouble.code === "newer"
      ? { code: "read-only" }
      : { code: "not-stored", cause: trouble.cause, reason: trouble.reason },
  );

const BUSY: Result<never, StoreError> = fail({
  code: "not-stored",
  cause: "busy",
  reason: "other tabs keep writing to this yard",
});
