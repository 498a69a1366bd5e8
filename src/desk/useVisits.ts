"use client";
import { useEffect, useState } from "react";
import type { SourceId, Visit } from "@/core/ledger";
import { useYard } from "@/store";

/** The latest calls at a source, oldest first; null until they are there. */
export function useVisits(source: SourceId): readonly Visit[] | null {
  const { client, view, at } = useYard();
  const [visits, setVisits] = useState<readonly Visit[] | null>(null);
  useEffect(() => {
    let gone = false;
    void client.visits(source, view.at, at).then((found) => !gone && setVisits(found));
    return () => {
      gone = true;
    };
  }, [client, source, view, at]);
  return visits;
}
