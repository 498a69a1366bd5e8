import { clearanceOf, type DraftRefusal } from "@/core/clearance";
import { type Draft, kindOf, stepwise, type Timeline, yardAt } from "@/core/ledger";
import type { Look } from "./reader";

/** When, and under which ids: the page's clock and chance, so that tests can fix both. */
export interface Stamp {
  /** One for each entry, and one more for the act they make. */
  readonly ids: readonly string[];
  /** As this device's clock says. */
  readonly now: string;
  readonly look: Look;
}

/** Who writes, after what, and what it calls now. */
interface Writer {
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

/** What the interlocks refuse of an act and nobody has owned up to, each entry asked as the ones before it left the yard. */
export function refusalsOf(timeline: Timeline, drafts: readonly Draft[], now: string): DraftRefusal[] {
  const refused: DraftRefusal[] = [];
  const when = drafts[0]?.happenedAt ?? now;
  stepwise(yardAt(timeline, when), drafts, (yard, draft) => {
    const { refusals } = clearanceOf(yard, draft, draft.happenedAt ?? now);
    refused.push(...refusals.filter((r) => !draft.despite?.includes(r.code)));
  });
  return refused;
}
