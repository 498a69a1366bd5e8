"use client";
import { useEffect, useState } from "react";
import type { SettleBench } from "@/core/readings";
import { useYard } from "@/store";

/** What the bench draws of a vessel, worked out off the page; the last stays until the next is there. */
export function useSettleBench(vessel: string): SettleBench | null {
  const { client, view, at } = useYard();
  const [found, setFound] = useState<SettleBench | null>(null);
  useEffect(() => {
    let gone = false;
    void client.settleBench(vessel, view.at, at).then((bench) => !gone && setFound(bench));
    return () => {
      gone = true;
    };
    // Anything written makes a new view.
  }, [client, vessel, view, at]);
  return found?.vessel === vessel ? found : null;
}
