import type { Draft, Entry, EntryId } from "@/core/ledger";
import type { Result } from "@/core/units";
import type { OwnActs } from "./ownActs";
import type { StoreError } from "./session";

export const asAct = (drafts: Draft | readonly Draft[]): readonly Draft[] => (isMany(drafts) ? drafts : [drafts]);
const isMany = (drafts: Draft | readonly Draft[]): drafts is readonly Draft[] => Array.isArray(drafts);

export interface Undone {
  /** The entries of the act that was taken back or brought back, or could not be; none where there was nothing. */
  readonly undone: readonly Entry[];
  readonly error?: StoreError;
}

interface Undoing {
  /** Those of an act's entries that still count, the newest first. */
  counting(ids: readonly string[]): Promise<Entry[]>;
  /** Writes without remembering it as an act of one's own: the next press takes back the one before. */
  write(drafts: readonly Draft[]): Promise<Result<readonly EntryId[], StoreError>>;
}

const NOTHING: Undone = { undone: [] };

/** With the words that whoever takes it back goes against: what then becomes wrong is asked like any other act. */
const voidsOf = (entries: readonly Entry[], reason: string, against: readonly string[]): Draft[] =>
  entries.map((e) => ({
    kind: "void",
    data: { entry: e.id, reason },
    ...(against.length > 0 && { despite: [...against] }),
  }));

/** Takes back the newest own act that still counts, or the one that is named. */
export async function undo(
  own: OwnActs,
  undoing: Undoing,
  act?: readonly string[],
  against: readonly string[] = [],
): Promise<Undone> {
  for (const one of act ? [act] : own.newestFirst()) {
    const taken = await takeBack(one, own, undoing, against);
    if (taken) return taken;
  }
  return NOTHING;
}

/** As one, its newest entry first, so that each leaves a yard that adds up. Null: nothing of it counts any more. */
async function takeBack(
  act: readonly string[],
  own: OwnActs,
  { counting, write }: Undoing,
  against: readonly string[],
): Promise<Undone | null> {
  const entries = await counting(act);
  if (entries.length === 0) {
    own.drop(act);
    return null;
  }
  const written = await write(voidsOf(entries, "undone", against));
  if (!written.ok) return { undone: entries, error: written.error };
  own.takenBack({ act, voids: written.value });
  return { undone: entries };
}

/** Brings back what was taken back last: its voids are voided, the oldest entry's first. */
export async function redo(
  own: OwnActs,
  { counting, write }: Undoing,
  against: readonly string[] = [],
): Promise<Undone> {
  for (const back of own.takenBackLast()) {
    const voids = await counting(back.voids);
    if (voids.length === 0) {
      own.forgetTakenBack(back);
      continue;
    }
    const written = await write(voidsOf(voids, "redone", against));
    const undone = await counting(back.act);
    if (!written.ok) return { undone: voids, error: written.error };
    own.broughtBack(back);
    return { undone };
  }
  return NOTHING;
}
