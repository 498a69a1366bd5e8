import { clearanceByPiece, clearanceOfAct, type DraftClearance } from "@/core/clearance";
import {
  buildTimeline,
  byRecord,
  byTime,
  type Draft,
  deadIds,
  type Entry,
  EntryId,
  forget,
  offerEntries,
  type SourceId,
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
import { type SuspectLot, suspectLots } from "@/core/readings/drive/suspectFuel";
import { changeOf, type ViewChange, viewYard, type YardView } from "@/core/view";
import { entriesOf, type Look, type Writer } from "./offer";

export interface Listed {
  readonly entry: Entry;
  /** Voided, or corrected by a later entry. */
  readonly dead: boolean;
}

/** Who only asks writes nothing: as if it were the newest entry. */
const ASKING = (present: string, counter: number): Writer => ({ present, device: "~", counter });

/** Before anything happened: what a page is told before it has asked. */
const START = new Date(0).toISOString();

/**
 * What may be asked of an open yard. Now is what the clock says, or the newest thing that happened where the clock is
 * behind it: a clock that was set back hides nothing.
 */
export class YardReader {
  protected timeline: Timeline = buildTimeline([]);
  private readonly memo = new ReadingMemo();
  /** The view the page was last given, so that only what differs from it is handed over. */
  private given: { readonly seq: number; readonly view: YardView } = {
    seq: 0,
    view: viewYard(this.timeline.head, START),
  };

  present(clock: string): string {
    const latest = this.latestAt();
    return latest !== null && latest > clock ? latest : clock;
  }

  /** When the newest thing that counts happened. */
  latestAt(): string | null {
    return this.timeline.live.at(-1)?.happenedAt ?? null;
  }

  view(now: string, at: string | null): YardView {
    // Another day is looked at once: remembering it would only push out what is looked at all day.
    if (at !== null) return viewYard(yardAt(this.timeline, at), at, undefined, this.timeline.head);
    const present = this.present(now);
    return viewYard(yardAt(this.timeline, present), present, this.memo, this.timeline.head);
  }

  /** What has changed of the view since the page was given one; all of it where the page holds another. */
  protected changes(now: string, { at, have }: Look): ViewChange {
    const view = this.view(now, at);
    const known = have === this.given.seq ? this.given : null;
    const seq = this.given.seq + 1;
    this.given = { seq, view };
    return changeOf(known?.view ?? null, view, known?.seq ?? null, seq);
  }

  /**
   * What the gates say of an act: of all that one press would write, as the yard would then have been. What does not add up
   * yet, while it is still being typed, is asked piece by piece as the yard stands.
   */
  clearance(drafts: readonly Draft[], now: string): DraftClearance {
    const present = this.present(now);
    const before = this.timeline;
    const ids = [...drafts, null].map((_, i) => `~asked ${i}`);
    const raws = entriesOf(
      drafts,
      { ids, now: present, look: { at: null, have: null } },
      ASKING(present, this.newest()),
    );
    const offered = offerEntries(before, raws, present);
    if (!offered.ok) return clearanceByPiece(before, drafts, present);
    const act = raws.flatMap(({ id }) => offered.value.byId.get(id as EntryId) ?? []);
    forget(
      before,
      act.map((e) => e.id),
    );
    return clearanceOfAct(before, offered.value, act);
  }

  /** The counter of what was written last. */
  private newest(): number {
    let counter = 0;
    for (const e of this.timeline.byId.values()) counter = Math.max(counter, e.counter ?? 0);
    return counter;
  }

  /** What a vessel's settling forecast is reckoned from. */
  settlingQuestion(vessel: string, now: string, at: string | null): SettlingQuestionData | null {
    const when = at ?? this.present(now);
    return settlingQuestion(yardAt(this.timeline, when), vessel as VesselId, when);
  }

  /** What the settling bench draws of one vessel. */
  settleBench(vessel: string, now: string, at: string | null): SettleBench | null {
    const when = at ?? this.present(now);
    return settleBench(yardAt(this.timeline, when), vessel as VesselId, when);
  }

  /** What has happened to vessels, for whoever lists it. */
  pasts(vessels: readonly VesselId[], now: string, at: string | null): (VesselPast | null)[] {
    const yard = yardAt(this.timeline, at ?? this.present(now));
    return vessels.map((id) => pastOf(yard, id));
  }

  /** The lots in a tank, and every other vessel that got of them. */
  suspectLots(tank: VesselId, now: string, at: string | null): SuspectLot[] {
    return suspectLots(yardAt(this.timeline, at ?? this.present(now)), tank);
  }

  /** The latest calls at a source, oldest first. */
  visits(source: SourceId, now: string, at: string | null): readonly Visit[] {
    return yardAt(this.timeline, at ?? this.present(now)).sources.get(source)?.visits ?? [];
  }

  /** How the latest forecasts have turned out. */
  pastForecasts(now: string, at: string | null): PastForecast[] {
    return pastForecasts(yardAt(this.timeline, at ?? this.present(now)), (then) => yardAt(this.timeline, then));
  }

  find(id: string): Entry | null {
    return this.timeline.byId.get(EntryId.parse(id)) ?? null;
  }

  /** Those of some entries that still count, the newest first: what Undo can take back of an act. */
  counting(ids: readonly string[]): Entry[] {
    const dead = deadIds(this.timeline.byId.values());
    const entries = ids.flatMap((id) => this.find(id) ?? []);
    // By the order of writing: what one device wrote last goes first, whatever its clock said.
    return entries.filter((e) => !dead.has(e.id)).sort((a, b) => byRecord(b, a));
  }

  private readonly newestFirst = (a: Entry, b: Entry): number => byTime(this.timeline.byId)(b, a);

  /** Entries from the newest happening back, dead ones marked. */
  list(offset: number, limit: number): { rows: Listed[]; total: number } {
    const dead = deadIds(this.timeline.byId.values());
    const all = [...this.timeline.byId.values()].sort(this.newestFirst);
    return {
      rows: all.slice(offset, offset + limit).map((entry) => ({ entry, dead: dead.has(entry.id) })),
      total: all.length,
    };
  }

  /** The newest entries that name a thing by its id, dead ones marked, and how many there are. */
  about(id: string, limit: number): { rows: Listed[]; total: number } {
    const dead = deadIds(this.timeline.byId.values());
    const all = [...this.timeline.byId.values()].filter((e) => names(e.data, id)).sort(this.newestFirst);
    return { rows: all.slice(0, limit).map((entry) => ({ entry, dead: dead.has(entry.id) })), total: all.length };
  }

  /**
   * What happened later than a clock that is right: written while it was wrong. Each as a correction of itself to just
   * before now, in the order they had, so that nothing but their times changes.
   */
  datedToNow(clock: string): Draft[] {
    const ahead = this.timeline.live.filter((e) => e.happenedAt > clock);
    return ahead.map((e, i): Draft => {
      const happenedAt = new Date(Date.parse(clock) - (ahead.length - i)).toISOString();
      const { kind, data, note, despite } = e;
      return { kind, data, happenedAt, note, replaces: e.id, despite } as Draft;
    });
  }

  count(): number {
    return this.timeline.byId.size;
  }
}

/** Whether an id stands anywhere in an entry's data. */
function names(data: unknown, id: string): boolean {
  if (typeof data === "string") return data === id;
  if (typeof data !== "object" || data === null) return false;
  for (const value of Object.values(data)) if (names(value, id)) return true;
  return false;
}
