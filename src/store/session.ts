import {
  clearanceOf,
  type DraftClearance,
  type PastForecast,
  pastForecasts,
  type SettleBench,
  type SettlingQuestionData,
  settleBench,
  settlingQuestion,
  viewYard,
  type YardView,
} from "@/core/advice";
import { readYardFile, writeYardFile, type YardFileError } from "@/core/formats";
import type { Refusal } from "@/core/interlocks";
import {
  buildTimeline,
  byTime,
  CURRENT_VERSION,
  type Draft,
  deadIds,
  type Entry,
  type EntryId,
  type LedgerError,
  offerEntry,
  readEntry,
  type Timeline,
  type VesselId,
  yardAt,
} from "@/core/ledger";
import { fail, ok, type Result } from "@/core/units";
import { YardDb, type YardName } from "./db";

/** Who writes, when, and under which id: the page's clock and chance, so that tests can fix both. */
export interface Stamp {
  readonly id: string;
  readonly now: string;
  readonly device: string;
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
}

/**
 * One yard, open: its entries in Dexie, its timeline in memory. Every change is offered to the ledger first, stored
 * second and only then seen. Calls run one after another.
 */
export class YardSession {
  private timeline: Timeline = buildTimeline([]);
  private unreadable = 0;
  private last: Promise<unknown> = Promise.resolve();

  private constructor(
    private readonly db: YardDb,
    private readonly channel: BroadcastChannel,
  ) {}

  /** Opens a yard; `onChange` is called when another tab has written to it. */
  static async open(name: YardName, onChange: () => void): Promise<YardSession> {
    const session = new YardSession(new YardDb(name), new BroadcastChannel(`brisk-barrel ${name}`));
    session.channel.onmessage = () => void session.queue(() => session.load()).then(onChange);
    await session.queue(() => session.load());
    return session;
  }

  view(now: string, at: string | null): YardView {
    return viewYard(at === null ? yardAt(this.timeline, now) : yardAt(this.timeline, at), at ?? now);
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

  /** How the latest forecasts have turned out. */
  pastForecasts(now: string, at: string | null): PastForecast[] {
    return pastForecasts(yardAt(this.timeline, at ?? now), (then) => yardAt(this.timeline, then));
  }

  /** How many stored entries this build cannot read; they are kept and left alone. */
  unreadableEntries(): number {
    return this.unreadable;
  }

  append(draft: Draft, stamp: Stamp): Promise<Result<EntryId, StoreError>> {
    return this.queue(async () => {
      const raw = {
        id: stamp.id,
        v: CURRENT_VERSION[draft.kind],
        happenedAt: draft.happenedAt ?? stamp.now,
        recordedAt: stamp.now,
        device: stamp.device,
        kind: draft.kind,
        data: draft.data,
        ...(draft.note ? { note: draft.note } : {}),
        ...(draft.replaces ? { replaces: draft.replaces } : {}),
        ...(draft.despite ? { despite: draft.despite } : {}),
      };
      const { refusals } = this.clearance(draft, stamp.now);
      if (refusals.some((r) => !draft.despite?.includes(r.code))) return fail({ code: "not-safe", refusals });
      const offered = offerEntry(this.timeline, raw, stamp.now);
      if (!offered.ok) return offered;
      const id = stamp.id as EntryId;
      const entry = offered.value.byId.get(id);
      if (!entry) throw new Error(`entry ${id} was taken but is not there`);
      try {
        await this.db.entries.add(entry);
      } catch (error) {
        this.timeline.byId.delete(id);
        return fail({ code: "not-stored", reason: String(error) });
      }
      this.timeline = offered.value;
      this.channel.postMessage("changed");
      return ok(id);
    });
  }

  /** The last entry this device wrote that still counts: what Undo takes back. */
  lastWritten(device: string): Entry | null {
    const dead = deadIds(this.timeline.byId.values());
    let found: Entry | null = null;
    for (const e of this.timeline.byId.values()) {
      if (e.device !== device || dead.has(e.id)) continue;
      if (!found || e.recordedAt > found.recordedAt || (e.recordedAt === found.recordedAt && e.id > found.id))
        found = e;
    }
    return found;
  }

  find(id: string): Entry | null {
    return this.timeline.byId.get(id as EntryId) ?? null;
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

  exportFile(now: string): string {
    return writeYardFile([...this.timeline.byId.values()].sort(byTime), now);
  }

  /** What a file would bring, without taking it. */
  checkFile(text: string): Result<RestoreReport, YardFileError> {
    const read = readYardFile(text);
    if (!read.ok) return read;
    return ok({ entries: read.value.length, faults: buildTimeline(read.value).head.faults.length });
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
      return ok({ entries: read.value.length, faults: this.timeline.head.faults.length });
    });
  }

  /** Fills the demo yard, unless somebody has written in it; then only when `force` says so. */
  seed(entries: readonly Entry[], force: boolean): Promise<boolean> {
    return this.queue(async () => {
      const touched = [...this.timeline.byId.values()].some((e) => e.device !== "demo");
      if (touched && !force) return false;
      await this.replaceAll(entries);
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

  private async replaceAll(entries: readonly Entry[]): Promise<void> {
    await this.db.transaction("rw", this.db.entries, async () => {
      await this.db.entries.clear();
      await this.db.entries.bulkAdd([...entries]);
    });
    this.timeline = buildTimeline(entries);
    this.unreadable = 0;
  }

  private async load(): Promise<void> {
    const raw = await this.db.entries.toArray();
    const entries: Entry[] = [];
    for (const candidate of raw) {
      const read = readEntry(candidate);
      if (read.ok) entries.push(read.value);
    }
    this.unreadable = raw.length - entries.length;
    this.timeline = buildTimeline(entries);
  }

  private queue<T>(work: () => Promise<T>): Promise<T> {
    const next = this.last.then(work);
    this.last = next.catch(() => undefined);
    return next;
  }
}
