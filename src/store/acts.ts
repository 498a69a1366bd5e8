import type { Draft, Entry, EntryId } from "@/core/ledger";
import type { Result } from "@/core/units";
import type { StoreError } from "./session";

export const asAct = (drafts: Draft | readonly Draft[]): readonly Draft[] => (isMany(drafts) ? drafts : [drafts]);
const isMany = (drafts: Draft | readonly Draft[]): drafts is readonly Draft[] => Array.isArray(drafts);

/** Takes an act back as one: its newest entry first, so that each leaves a yard that adds up. */
export async function undo(
  act: readonly Entry[],
  write: (drafts: readonly Draft[]) => Promise<Result<readonly EntryId[], StoreError>>,
): Promise<{ undone: readonly Entry[]; error?: StoreError }> {
  if (act.length === 0) return { undone: [] };
  const written = await write(act.map((e) => ({ kind: "void", data: { entry: e.id, reason: "undone" } })));
  return written.ok ? { undone: act } : { undone: act, error: written.error };
}
