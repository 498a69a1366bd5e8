import { type DraftRefusal, refusalsOfAct } from "@/core/clearance";
import { type Draft, type Entry, forget, kindOf, type LedgerError, offerEntries, type Timeline } from "@/core/ledger";
import { fail, ok, type Result } from "@/core/units";

/** What a page looks at and has been given: the moment (null: now), and the number of the view it holds. */
export interface Look {
  readonly at: string | null;
  readonly have: number | null;
}

/** When, and under which ids: the page's clock and chance, so that tests can fix both. */
export interface Stamp {
  /** One for each entry, and one more for the act they make. */
  readonly ids: readonly string[];
  /** As this device's clock says. */
  readonly now: string;
  readonly look: Look;
}

/** Who writes, after what, and what it calls now. */
export interface Writer {
  readonly present: string;
  readonly device: string;
  /** The highest counter it knows of. */
  readonly counter: number;
}

/** The entries of one act, as they are offered to the ledger. */
export function entriesOf(
  drafts: readonly Draft[],
  stamp: Stamp,
  { present, device, counter }: Writer,
): { readonly id: string; readonly data: unknown }[] {
  const act = stamp.ids[drafts.length];
  return drafts.map((draft, i) => {
    const id = stamp.ids[i];
    if (id === undefined || act === undefined) throw new Error("an entry without an id");
    return {
      id,
      v: kindOf(draft.kind).version,
      happenedAt: draft.happenedAt ?? present,
      recordedAt: stamp.now,
      device,
      counter: counter + i + 1,
      kind: draft.kind,
      data: draft.data,
      ...(draft.note ? { note: draft.note } : {}),
      ...(draft.replaces ? { replaces: draft.replaces } : {}),
      ...(draft.despite ? { despite: draft.despite } : {}),
      ...(drafts.length > 1 ? { act } : {}),
    };
  });
}

export type OfferError =
  | LedgerError
  /** The gates refuse it. What has happened all the same is written with `despite`, in the open. */
  | { readonly code: "not-safe"; readonly refusals: readonly DraftRefusal[] };

/** An act that may be written, and the timeline that it makes. */
export interface Offered {
  readonly entries: readonly Entry[];
  readonly timeline: Timeline;
}

/** The one door: what does not add up, or what the gates refuse and nobody has owned up to, goes no further. */
export function offerAct(
  before: Timeline,
  drafts: readonly Draft[],
  stamp: Stamp,
  writer: Writer,
): Result<Offered, OfferError> {
  const raws = entriesOf(drafts, stamp, writer);
  const offered = offerEntries(before, raws, writer.present);
  if (!offered.ok) return offered;
  const entries = raws.flatMap(({ id }) => offered.value.byId.get(id as Entry["id"]) ?? []);
  const refusals = refusalsOfAct(before, offered.value, entries);
  if (refusals.length === 0) return ok({ entries, timeline: offered.value });
  forget(
    before,
    entries.map((e) => e.id),
  );
  return fail({ code: "not-safe", refusals });
}
