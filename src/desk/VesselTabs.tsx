"use client";
import type { VesselView } from "@/core/readings";
import { YardLink } from "./links";
import { useUnits } from "./useUnits";

/** The station's vessels, one press apart. */
export function VesselTabs({ all, chosen, path }: { all: readonly VesselView[]; chosen: VesselView; path: string }) {
  const units = useUnits();
  return (
    <nav aria-label="Vessels of this station" className="my-2 flex gap-2 overflow-x-auto pb-1">
      {all.map((v) => (
        <YardLink
          key={v.vessel.id}
          href={`${path}?vessel=${v.vessel.id}`}
          here={v.vessel.id === chosen.vessel.id}
          className={`flex min-h-[var(--target)] shrink-0 items-center gap-2 rounded-md border px-3 font-plate text-[16px] font-semibold ${v.vessel.id === chosen.vessel.id ? "border-go bg-card shadow-[inset_0_-3px_0_var(--go)]" : "border-rule"}`}
        >
          {v.vessel.name} <span className="font-medium text-ink-2">{units.litres(v.litres)}</span>
        </YardLink>
      ))}
    </nav>
  );
}
