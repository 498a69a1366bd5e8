"use client";
import { useSearchParams } from "next/navigation";
import type { Station } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { useYard } from "@/store";

/** The vessel the address names (`?vessel=`), or the one of this station that is due first, or its first. */
export function useChosenVessel(station: Station): { chosen: VesselView | undefined; all: VesselView[] } {
  const { view } = useYard();
  const asked = useSearchParams().get("vessel");
  const all = view.vessels.filter((v) => v.station === station);
  const due = view.advice.find((a) => a.station === station && a.vessel)?.vessel;
  const chosen =
    all.find((v) => v.vessel.id === asked) ??
    all.find((v) => v.vessel.id === due) ??
    all.find((v) => v.litres > 0.05) ??
    all[0];
  return { chosen, all };
}
