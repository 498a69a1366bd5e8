"use client";
import { useEffect, useState } from "react";
import type { VesselId } from "@/core/ledger";
import type { VesselPast } from "@/core/readings";
import { useYard } from "@/store";

/** What has happened to vessels, asked for by the page that lists it; null until it is there. */
export function usePasts(ids: readonly VesselId[]): ReadonlyMap<VesselId, VesselPast> | null {
  const { client, view, at } = useYard();
  const [pasts, setPasts] = useState<ReadonlyMap<VesselId, VesselPast> | null>(null);
  const key = ids.join(" ");
  useEffect(() => {
    let gone = false;
    const asked = key === "" ? [] : (key.split(" ") as VesselId[]);
    void client.pasts(asked, view.at, at).then((found) => {
      if (gone) return;
      setPasts(new Map(asked.flatMap((id, i) => (found[i] ? [[id, found[i]] as const] : []))));
    });
    return () => {
      gone = true;
    };
  }, [client, key, view, at]);
  return pasts;
}

export const usePast = (id: VesselId): VesselPast | null => usePasts([id])?.get(id) ?? null;
