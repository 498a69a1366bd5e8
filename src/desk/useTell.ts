"use client";
import { useCallback } from "react";
import { toast } from "sonner";
import type { Draft, Entry } from "@/core/ledger";
import { type StoreError, useYard } from "@/store";
import { KIND_WORDS, wordEntry, wordError } from "@/ui/words";

/** Writes what happened and says so, with Undo on the message. Gives the worded reason where it was refused. */
export function useTell(): (draft: Draft, said: string) => Promise<string | null> {
  const yard = useYard();
  const undo = useUndo();
  return useCallback(
    async (draft, said) => {
      const written = await yard.write(draft);
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
    if (!undone) toast("Nothing of yours to undo.");
    else if (error) toast(await wordRefusal(yard, error), { duration: 10_000 });
    else toast(`Undone: ${KIND_WORDS[undone.kind].toLowerCase()} ${wordEntry(undone, yard.view)}.`);
  }, [yard]);
}

async function wordRefusal(yard: ReturnType<typeof useYard>, error: StoreError): Promise<string> {
  const later: Entry | null = "entry" in error ? await yard.client.find(error.entry) : null;
  return wordError(error, yard.view, later ?? undefined);
}
