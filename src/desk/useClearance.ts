"use client";
import { useEffect, useState } from "react";
import type { DraftClearance } from "@/core/clearance";
import type { Draft } from "@/core/ledger";
import { useYard } from "@/store";

/**
 * What the interlocks say of a step before it is offered; null while they are asked, or where there is no step yet.
 * A step pressed in that moment is refused by the store, which asks them again.
 */
export function useClearance(draft: Draft | null): DraftClearance | null {
  const { client, view } = useYard();
  const [found, setFound] = useState<{ key: string; clearance: DraftClearance } | null>(null);
  // By what it says: a form builds its draft anew each time it draws.
  const key = draft === null ? null : JSON.stringify(draft);
  useEffect(() => {
    if (key === null) return;
    let gone = false;
    void client.clearance(JSON.parse(key) as Draft, view.at).then((clearance) => !gone && setFound({ key, clearance }));
    return () => {
      gone = true;
    };
  }, [client, key, view.at]);
  return found?.key === key ? found.clearance : null;
}

export const isRefused = (clearance: Pick<DraftClearance, "refusals"> | null): boolean =>
  clearance !== null && clearance.refusals.length > 0;
