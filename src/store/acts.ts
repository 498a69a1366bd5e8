import type { Draft, Entry, EntryId } from "@/core/ledger";
import type { Result } from "@/core/units";
import type { OwnActs } from "./ownActs";
import type { StoreError } from "./session";

export const asAct = (drafts: Draft | readonly Draft[]): readonly Draft[] => (isMany(drafts) ? drafts : [drafts]);
const isMany = (drafts: Draft | readonly Draft[]): drafts is readonly Draft[] => Array.isArray(drafts);

export interface Undone {
  /** The entries of the act that was taken back, or could not be; none where there was nothing. */
  readonly undone: readonly Entry[];
  readonly error?: StoreError;
}

interface Undoing {
  /** Those of an act's entries that still count, the newest first. */
  counting(ids: readonly string[]): Promise<Entry[]>;
  /** Writes without remembering it as an act of one's own: the next press takes back the one before. */
  write(drafts: readonly Draft[]): Promise<Result<readonly EntryId[], StoreError>>;
}

/** Takes back the newest own act that still counts, as one: its newest entry first, so that each leaves a yard that adds up. */
export async function undoLast(own: OwnActs, { counting, write }: Undoing): Promise<Undone> {
  for (const act of own.newestFirst()) {
    const entries = await counting(act);
    if (entries.length === 0) {
      own.drop(act);
      continue;
    }
    const written = await write(entries.map((e) => ({ kind: "void", data: { entry: e.id, reason: "undone" } })));
    if (!written.ok) return { undone: entries, error: written.error };
    own.drop(act);
    return { undone: entries };
  }
  return { undone: [] };
}
