"use client";
import { useEffect, useRef, useState } from "react";
import type { DraftClearance } from "@/core/clearance";
import type { Draft } from "@/core/ledger";
import { useYard } from "@/store";

interface Found {
  readonly key: string;
  readonly clearance: DraftClearance;
}

/**
 * What the gates say of all that a press will write, before it is offered; null while they are asked, or where there is no
 * step yet. A step pressed in that moment is refused by the store, which asks them again. While one question is under
 * way, of those that follow only the last is asked: an act long ago is worked out through all that came after it.
 */
export function useClearance(drafts: Draft | readonly Draft[] | null): DraftClearance | null {
  const { client, view } = useYard();
  const [found, setFound] = useState<Found | null>(null);
  // By what it says: a form builds its drafts anew each time it draws.
  const key = drafts === null ? null : JSON.stringify("kind" in drafts ? [drafts] : drafts);
  const asking = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    if (key === null) return;
    let gone = false;
    const ask = async (): Promise<void> => {
      if (gone) return;
      const clearance = await client.clearance(JSON.parse(key) as Draft[], view.at);
      if (!gone) setFound({ key, clearance });
    };
    asking.current = asking.current.then(ask).catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [client, key, view.at]);
  return found?.key === key ? found.clearance : null;
}

export const isRefused = (clearance: Pick<DraftClearance, "refusals"> | null): boolean =>
  clearance !== null && clearance.refusals.length > 0;

/** The words that whoever says "it has happened all the same" goes against. */
export const wordsAgainst = (clearance: Pick<DraftClearance, "refusals"> | null): string[] => [
  ...new Set((clearance?.refusals ?? []).map((r) => r.code)),
];

/** Drafts with the words that their writer went against, in the open. */
export const despite = (drafts: readonly Draft[], codes: readonly string[]): readonly Draft[] =>
  codes.length === 0 ? drafts : drafts.map((d) => ({ ...d, despite: [...new Set([...(d.despite ?? []), ...codes])] }));
