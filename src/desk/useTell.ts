"use client";
import { useCallback } from "react";
import { toast } from "sonner";
import { type Draft, type Entry, kindOf } from "@/core/ledger";
import { type StoreError, useYard } from "@/store";
import { wordEntry, wordError } from "@/ui/words";

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
    else
      toast(
        `Undone: ${kindOf(last.kind).title.toLowerCase()} ${wordEntry(last, yard.view)}${more.length > 0 ? ` and ${more.length} more that were logged with it` : ""}.`,
      );
  }, [yard]);
}

async function wordRefusal(yard: ReturnType<typeof useYard>, error: StoreError): Promise<string> {
  const later: Entry | null = "entry" in error ? await yard.client.find(error.entry) : null;
  return wordError(error, yard.view, later ?? undefined);
}
