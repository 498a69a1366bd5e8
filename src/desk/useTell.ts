"use client";
import { useCallback } from "react";
import { toast } from "sonner";
import type { Draft, Entry } from "@/core/ledger";
import { type StoreError, useYard } from "@/store";
import { wordError } from "@/ui/words";

/** Long enough to read it twice. */
const REFUSAL_MS = 15_000;

/** Writes what happened and says so, with Undo on the message. Gives the worded reason where it was refused. */
export function useTell(): (drafts: Draft | readonly Draft[], said: string) => Promise<string | null> {
  const yard = useYard();
  const undo = useUndo();
  return useCallback(
    async (drafts, said) => {
      const written = await yard.write(drafts);
      if (!written.ok) return wordRefusal(yard, written.error);
      toast(said, { duration: 8000, action: { label: "Undo", onClick: () => void undo() } });
      return null;
    },
    [yard, undo],
  );
}

/**
 * As `useTell`, for a tap that has no field to answer at: why it was refused is said aloud. Whoever asks for this may
 * throw nothing away.
 */
export function useNote(): (drafts: Draft | readonly Draft[], said: string) => void {
  const tell = useTell();
  return useCallback(
    (drafts, said) => {
      void tell(drafts, said).then((refused) => {
        if (refused !== null) toast.error(`Not logged. ${refused}`, { duration: REFUSAL_MS });
      });
    },
    [tell],
  );
}

/** Takes back the last thing this tab wrote. */
export function useUndo(): () => Promise<void> {
  const yard = useYard();
  return useCallback(async () => {
    const { undone, error } = await yard.undoLast();
    const [last, ...more] = undone;
    if (!last) toast("Nothing of this tab's to undo. What was logged elsewhere can be voided in the books.");
    else if (error) toast.error(await wordRefusal(yard, error), { duration: REFUSAL_MS });
    else toast(await wordUndone(yard, last, more.length));
  }, [yard]);
}

async function wordRefusal(yard: ReturnType<typeof useYard>, error: StoreError): Promise<string> {
  const later: Entry | null = "entry" in error ? await yard.client.find(error.entry) : null;
  return wordError(error, yard.view, later ?? undefined);
}

/** The words for entries come with their schemas: fetched when something is taken back, not with every page. */
async function wordUndone(yard: ReturnType<typeof useYard>, last: Entry, others: number): Promise<string> {
  const { titleOf, wordEntry } = await import("@/ui/words/entries");
  const more = others > 0 ? ` and ${others} more that were logged with it` : "";
  return `Undone: ${titleOf(last).toLowerCase()} ${wordEntry(last, yard.view)}${more}.`;
}
