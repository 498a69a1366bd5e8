"use client";
import { useCallback } from "react";
import { toast } from "sonner";
import type { Draft, Entry } from "@/core/ledger";
import { type StoreError, useYard } from "@/store";
import { wordError } from "@/ui/words";

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

/** Takes back the last thing this device wrote. */
export function useUndo(): () => Promise<void> {
  const yard = useYard();
  return useCallback(async () => {
    const { undone, error } = await yard.undoLast();
    const [last, ...more] = undone;
    if (!last) toast("Nothing of yours to undo.");
    else if (error) toast(await wordRefusal(yard, error), { duration: 10_000 });
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
