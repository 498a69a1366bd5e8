"use client";
import { useCallback, useMemo } from "react";
import { toast } from "sonner";
import type { Draft, Entry, EntryId } from "@/core/ledger";
import { type StoreError, useYard } from "@/store";
import { despite } from "./useClearance";

/** Long enough to read it twice. */
const REFUSAL_MS = 15_000;

let lastSaid: string | number | undefined;

/** What was said of the last entry goes: it would lie over what is opened now. Its undoing is in the books still. */
export function hush(): void {
  if (lastSaid !== undefined) toast.dismiss(lastSaid);
}

/** Why something was not written, and the field of the form that it is about, where it is about one. */
export interface Refused {
  readonly words: string;
  readonly field: string | null;
  /** The gates' words against it, where it is they that refuse it. */
  readonly codes: readonly string[];
}

/** Writes what happened and says so, with Undo on the message. Gives the worded reason where it was refused. */
export function useTell(): (drafts: Draft | readonly Draft[], said: string) => Promise<string | null> {
  const tell = useTellAt();
  return useCallback(async (drafts, said) => (await tell(drafts, said))?.words ?? null, [tell]);
}

/** As `useTell`, for a form that can show the reason at its field. */
export function useTellAt(): (drafts: Draft | readonly Draft[], said: string) => Promise<Refused | null> {
  const yard = useYard();
  const { undo } = useUndo();
  return useCallback(
    async (drafts, said) => {
      const written = await yard.write(drafts);
      if (!written.ok)
        return {
          words: await wordRefusal(yard, written.error),
          field: fieldOf(written.error),
          codes: codesOf(written.error),
        };
      // Its own act, however much was logged since.
      lastSaid = toast(said, { duration: 8000, action: { label: "Undo", onClick: () => void undo(written.value) } });
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
  const tell = useTellAt();
  return useCallback(
    (drafts, said) => {
      const act = "kind" in drafts ? [drafts] : drafts;
      const note = async (against: readonly string[]): Promise<void> => {
        const refused = await tell(despite(act, against), said);
        if (refused === null) return;
        const { codes } = refused;
        toast.error(`Not logged. ${refused.words}`, {
          duration: REFUSAL_MS,
          ...(codes.length > 0 && {
            action: { label: "It has happened: log it all the same", onClick: () => void note(codes) },
          }),
        });
      };
      void note([]);
    },
    [tell],
  );
}

export interface Undoing {
  /** Takes back this tab's last act, one more each time; or the one named. */
  undo(act?: readonly EntryId[]): Promise<void>;
  /** Brings back what was taken back last. */
  redo(): Promise<void>;
}

export function useUndo(): Undoing {
  const yard = useYard();
  return useMemo(() => {
    const redo = async (against: readonly string[] = []): Promise<void> => {
      const { undone, error } = await yard.redo(against);
      if (undone.length === 0) toast("Nothing was taken back that could come again.");
      else if (error) await tellRefused(yard, error, "Bring it back all the same", redo);
      else toast(`Back again: ${await wordAct(yard, undone)}.`);
    };
    const undo = async (act?: readonly EntryId[], against: readonly string[] = []): Promise<void> => {
      const { undone, error } = await yard.undo(act, against);
      if (undone.length === 0) toast(act ? GONE : NONE);
      else if (error) await tellRefused(yard, error, "Take it back all the same", (codes) => undo(act, codes));
      else
        toast(`Undone: ${await wordAct(yard, undone)}.`, {
          duration: 8000,
          action: { label: "Redo", onClick: () => void redo() },
        });
    };
    return { undo: (act) => undo(act), redo: () => redo() };
  }, [yard]);
}

/** Why it was not done; where the gates speak against it, with the way on. */
async function tellRefused(
  yard: ReturnType<typeof useYard>,
  error: StoreError,
  name: string,
  allTheSame: (codes: readonly string[]) => Promise<void>,
): Promise<void> {
  const codes = codesOf(error);
  toast.error(await wordRefusal(yard, error), {
    duration: REFUSAL_MS,
    ...(codes.length > 0 && { action: { label: name, onClick: () => void allTheSame(codes) } }),
  });
}

const NONE = "Nothing of this tab's to undo. What was logged elsewhere can be voided in the books.";
const GONE = "It was taken back already.";

async function wordRefusal(yard: ReturnType<typeof useYard>, error: StoreError): Promise<string> {
  const later: Entry | null = "entry" in error ? await yard.client.find(error.entry) : null;
  // Fetched when something went wrong: no page needs its words to open.
  const { wordError } = await import("@/ui/words/errors");
  return wordError(error, yard.view, later ?? undefined);
}

const codesOf = (error: StoreError): readonly string[] =>
  error.code === "not-safe" ? error.refusals.map((r) => r.code) : [];

/** "litres", of "data.amount.litres": fields of the forms are named as in the book. */
const fieldOf = (error: StoreError): string | null => ("path" in error ? (error.path.split(".").at(-1) ?? null) : null);

/** The words for entries come with their schemas: fetched when something is taken back, not with every page. */
async function wordAct(yard: ReturnType<typeof useYard>, [last, ...more]: readonly Entry[]): Promise<string> {
  if (!last) return "";
  const { titleOf, wordEntry } = await import("@/ui/words/entries");
  const others = more.length > 0 ? ` and ${more.length} more that were logged with it` : "";
  return `${titleOf(last).toLowerCase()} ${wordEntry(last, yard.view)}${others}`;
}
