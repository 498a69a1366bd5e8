import { clearanceOf, type DraftClearance } from "@/core/clearance";
import { type Raw, type ReadYard, readYardFile, writeYardFile, type YardFileError } from "@/core/formats";
import type { Refusal } from "@/core/interlocks";
import {
  buildTimeline,
  byTime,
  type Draft,
  deadIds,
  type Entry,
  EntryId,
  kindOf,
  type LedgerError,
  offerEntries,
  readEntry,
  type SourceId,
  stepwise,
  type Timeline,
  type VesselId,
  type Visit,
  yardAt,
} from "@/core/ledger";
import {
  type PastForecast,
  pastForecasts,
  pastOf,
  ReadingMemo,
  type SettleBench,
  type SettlingQuestionData,
  settleBench,
  settlingQuestion,
  type VesselPast,
} from "@/core/readings";
import { fail, ok, type Result } from "@/core/units";
import { changeOf, type ViewChange, viewYard, type YardView } from "@/core/view";
import { YardDb, type YardName } from "./db";

/** Who writes, when, and under which ids: the page's clock and chance, so that tests can fix both. */
export interface Stamp {
  /** One for each entry, and one more for the act they make. */
  readonly ids: readonly string[];
  readonly now: string;
  readonly device: string;
  readonly look: Look;
}

/** What a page looks at and has been given: the moment (null: now), and the number of the view it holds. */
export interface Look {
  readonly at: string | null;
  readonly have: number | null;
}

/** What was written, and what it changes of the view. */
export interface Written {
  readonly ids: readonly EntryId[];
  readonly change: ViewChange;
}

export interface Listed {
  readonly entry: Entry;
  /** Voided, or corrected by a later entry. */
  readonly dead: boolean;
}

export type StoreError =
  | LedgerError
  | { readonly code: "not-stored"; readonly reason: string }
  /** The interlocks refuse it. What has happened all the same is written with `despite`, in the open. */
  | { readonly code: "not-safe"; readonly refusals: readonly Refusal[] };

export interface RestoreReport {
  readonly entries: number;
  readonly faults: number;
  /** Kept, but not read by this release. */
  readonly unreadable: number;
}

/** Before anything happened: what a page is told before it has asked. */
const START = new Date(0).toISOString();

const reportOf = ({ raws, entries }: ReadYard, { head }: Timeline): RestoreReport => ({
  entries: raws.length,
  faults: head.faults.length,
  unreadable: raws.length - entries.length,
});

const inTime = (a: Raw, b: Raw): number => {
  const [x, y] = [a, b].map((raw) => `${raw.happenedAt} ${raw.recordedAt} ${raw.id}`);
  return x === y ? 0 : (x ?? "") < (y ?? "") ? -1 : 1;
};

/**
 * One yard, open: its entries in Dexie, its timeline in memory. Every change is offered to the ledger first, stored
 * second and only then seen. Calls run one after another.
 */
export class YardSession {
  protected timeline: Timeline = buildTimeline([]);
  private unreadable = 0;
  private readonly memo = new ReadingMemo();
  /** The view the page was last given, so that only what differs from it is handed over. */
  private given: { readonly seq: number; readonly view: YardView } = {
    seq: 0,
    view: viewYard(this.timeline.head, START),
  };
  private last: Promise<unknown> = Promise.resolve();

  protected constructor(
    protected readonly db: YardDb,
    private readonly channel: BroadcastChannel,
  ) {}

  /** Opens a yard; `onChange` is called when another tab has written to it. */
  static async open(name: YardName, onChange: () => void): Promise<YardSession> {
    const session = new this(new YardDb(name), new BroadcastChannel(`brisk-barrel ${name}`));
    session.channel.onmessage = () => void session.queue(() => session.load()).then(onChange);
    await session.queue(() => session.load());
    return session;
  }

  view(now: string, at: string | null): YardView {
    // Another day is looked at once: remembering it would only push out what is looked at all day.
    if (at !== null) return viewYard(yardAt(this.timeline, at), at);
    return viewYard(yardAt(this.timeline, now), now, this.memo);
  }

  /** What has changed of the view since the page was given one; all of it where the page holds another. */
  look(now: string, { at, have }: Look): ViewChange {
    const view = this.view(now, at);
    const known = have === this.given.seq ? this.given : null;
    const seq = this.given.seq + 1;
    this.given = { seq, view };
    return changeOf(known?.view ?? null, view, known?.seq ?? null, seq);
  }

  /** Whether the interlocks let this be done, and what it needs, as the yard stood when it happens. */
  clearance(draft: Draft, now: string): DraftClearance {
    return clearanceOf(yardAt(this.timeline, draft.happenedAt ?? now), draft);
  }

  /** What a vessel's settling forecast is reckoned from. */
  settlingQuestion(vessel: string, now: string, at: string | null): SettlingQuestionData | null {
    return settlingQuestion(yardAt(this.timeline, at ?? now), vessel as VesselId, at ?? now);
  }

  /** What the settling bench draws of one vessel. */
  settleBench(vessel: string, now: string, at: string | null): SettleBench | null {
    return settleBench(yardAt(this.timeline, at ?? now), vessel as VesselId, at ?? now);
  }

  /** What has happened to vessels, for whoever lists it. */
  pasts(vessels: readonly VesselId[], now: string, at: string | null): (VesselPast | null)[] {
    const yard = yardAt(this.timeline, at ?? now);
    return vessels.map((id) => pastOf(yard, id));
  }

  /** The latest calls at a source, oldest first. */
  visits(source: SourceId, now: string, at: string | null): readonly Visit[] {
    return yardAt(this.timeline, at ?? now).sources.get(source)?.visits ?? [];
  }

  /** How the latest forecasts have turned out. */
  pastForecasts(now: string, at: string | null): PastForecast[] {
    return pastForecasts(yardAt(this.timeline, at ?? now), (then) => yardAt(this.timeline, then));
  }

  /** How many stored entries this build cannot read; they are kept and left alone. */
  unreadableEntries(): number {
    return this.unreadable;
  }

  /** Writes the entries of one act: all of them or none. */
  append(drafts: readonly Draft[], stamp: Stamp): Promise<Result<Written, StoreError>> {
    return this.queue(async () => {
      const entries = drafts.map((draft, i) => this.entryOf(draft, i, drafts.length > 1, stamp));
      const offered = offerEntries(this.timeline, entries, stamp.now);
      if (!offered.ok) return offered;
      const ids = stamp.ids.slice(0, drafts.length).map((id) => EntryId.parse(id));
      const forget = (): void => ids.forEach((id) => void this.timeline.byId.delete(id));
      const refusals = this.refusals(drafts, stamp.now);
      if (refusals.length > 0) {
        forget();
        return fail({ code: "not-safe", refusals });
      }
      try {
        await this.db.entries.bulkAdd(entries);
      } catch (error) {
        forget();
        return fail({ code: "not-stored", reason: String(error) });
      }
      this.timeline = offered.value;
      this.channel.postMessage("changed");
      return ok({ ids, change: this.look(stamp.now, stamp.look) });
    });
  }

  private entryOf(draft: Draft, index: number, inAct: boolean, stamp: Stamp): Raw {
    const id = stamp.ids[index];
    const act = stamp.ids[stamp.ids.length - 1];
    if (id === undefined || act === undefined) throw new Error("an entry without an id");
    return {
      id,
      v: kindOf(draft.kind).version,
      happenedAt: draft.happenedAt ?? stamp.now,
      recordedAt: stamp.now,
      device: stamp.device,
      kind: draft.kind,
      data: draft.data,
      ...(draft.note ? { note: draft.note } : {}),
      ...(draft.replaces ? { replaces: draft.replaces } : {}),
      ...(draft.despite ? { despite: draft.despite } : {}),
      ...(inAct ? { act } : {}),
    };
  }

  /** What the interlocks refuse of an act and nobody has owned up to, each entry asked as the ones before it left the yard. */
  private refusals(drafts: readonly Draft[], now: string): Refusal[] {
    const refused: Refusal[] = [];
    const when = drafts[0]?.happenedAt ?? now;
    stepwise(yardAt(this.timeline, when), drafts, (yard, draft) => {
      const { refusals } = clearanceOf(yard, draft);
      refused.push(...refusals.filter((r) => !draft.despite?.includes(r.code)));
    });
    return refused;
  }

  /** The last act this device wrote that still counts, newest entry first: what Undo takes back, together. */
  lastWritten(device: string): Entry[] {
    const dead = deadIds(this.timeline.byId.values());
    const own = [...this.timeline.byId.values()].filter((e) => e.device === device && !dead.has(e.id));
    const later = (a: Entry, b: Entry): Entry =>
      a.recordedAt > b.recordedAt || (a.recordedAt === b.recordedAt && a.id > b.id) ? a : b;
    const [first] = own;
    if (!first) return [];
    const last = own.reduce(later, first);
    if (last.act === undefined) return [last];
    return own.filter((e) => e.act === last.act).sort((a, b) => byTime(b, a));
  }

  find(id: string): Entry | null {
    return this.timeline.byId.get(EntryId.parse(id)) ?? null;
  }

  /** Entries from the newest happening back, dead ones marked. */
  list(offset: number, limit: number): { rows: Listed[]; total: number } {
    const dead = deadIds(this.timeline.byId.values());
    const all = [...this.timeline.byId.values()].sort((a, b) => byTime(b, a));
    return {
      rows: all.slice(offset, offset + limit).map((entry) => ({ entry, dead: dead.has(entry.id) })),
      total: all.length,
    };
  }

  /** Everything that is stored, as it was written: also what this release cannot read. */
  exportFile(now: string): Promise<string> {
    return this.queue(async () => writeYardFile((await this.db.entries.toArray()).sort(inTime), now));
  }

  /** What a file would bring, without taking it. */
  checkFile(text: string): Result<RestoreReport, YardFileError> {
    const read = readYardFile(text);
    return read.ok ? ok(reportOf(read.value, buildTimeline(read.value.entries))) : read;
  }

  /** Puts a file's yard in place of this one, all or nothing. */
  restore(text: string): Promise<Result<RestoreReport, YardFileError | StoreError>> {
    return this.queue(async () => {
      const read = readYardFile(text);
      if (!read.ok) return read;
      try {
        await this.replaceAll(read.value);
      } catch (error) {
        return fail({ code: "not-stored", reason: String(error) });
      }
      this.channel.postMessage("changed");
      return ok(reportOf(read.value, this.timeline));
    });
  }

  /** Fills the demo yard, unless somebody has written in it; then only when `force` says so. */
  seed(entries: readonly Entry[], force: boolean): Promise<boolean> {
    return this.queue(async () => {
      const touched = [...this.timeline.byId.values()].some((e) => e.device !== "demo");
      if (touched && !force) return false;
      await this.replaceAll({ raws: entries, entries });
      this.channel.postMessage("changed");
      return true;
    });
  }

  count(): number {
    return this.timeline.byId.size;
  }

  /** When the newest made-up entry happened: an untouched demo of another day is made anew. */
  newestAt(): string | null {
    return this.timeline.live.at(-1)?.happenedAt ?? null;
  }

  close(): void {
    this.channel.close();
    this.db.close();
  }

  private async replaceAll({ raws, entries }: ReadYard): Promise<void> {
    await this.db.transaction("rw", this.db.entries, async () => {
      await this.db.entries.clear();
      await this.db.entries.bulkAdd([...raws]);
    });
    this.timeline = buildTimeline(entries);
    this.unreadable = raws.length - entries.length;
  }

  private async load(): Promise<void> {
    const raws = await this.db.entries.toArray();
    const entries = raws.flatMap((raw) => {
      const read = readEntry(raw);
      return read.ok ? [read.value] : [];
    });
    this.unreadable = raws.length - entries.length;
    this.timeline = buildTimeline(entries);
  }

  private queue<T>(work: () => Promise<T>): Promise<T> {
    const next = this.last.then(work);
    this.last = next.catch(() => undefined);
    return next;
  }
}
