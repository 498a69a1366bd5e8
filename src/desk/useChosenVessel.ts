"use client";
import { useSearchParams } from "next/navigation";
import type { Station } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { useYard } from "@/store";

export interface Chosen {
  readonly chosen: VesselView | undefined;
  readonly all: readonly VesselView[];
  /** The address names a vessel that is not in this yard, or not one for this bench: another is never opened for it. */
  readonly isUnknown: boolean;
}

/**
 * The vessel the address names (`?vessel=`), or the one of this station that is due first, or its first. `also` lets the
 * bench take vessels of other stations that suit it.
 */
export function useChosenVessel(station: Station, also: (v: VesselView) => boolean = () => false): Chosen {
  const { view } = useYard();
  const asked = useSearchParams().get("vessel");
  const here = view.vessels.filter((v) => v.station === station);
  if (asked !== null) {
    const found = view.vessels.find((v) => v.vessel.id === asked && (v.station === station || also(v)));
    const all = found && found.station !== station ? [found, ...here] : here;
    return { chosen: found, all, isUnknown: found === undefined };
  }
  const due = view.advice.find((a) => a.station === station && a.vessel)?.vessel;
  const chosen = here.find((v) => v.vessel.id === due) ?? here.find((v) => v.litres > 0.05) ?? here[0];
  return { chosen, all: here, isUnknown: false };
}
