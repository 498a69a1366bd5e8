"use client";
import { memo } from "react";
import type { SettleBench, VesselView } from "@/core/readings";
import { useUnits, YardLink } from "@/desk";
import { VesselDrawing, vesselWords } from "@/ui";
import { vesselAtStep } from "./track";

interface Props {
  readonly all: readonly VesselView[];
  readonly chosen: string;
  readonly bench: SettleBench | null;
  readonly step: number;
}

const TALL_PX = 72;

/** Every vessel that settles, small and to one scale, as it stands at the slider's moment; one press apart. */
export function Shelf({ all, chosen, bench, step }: Props) {
  const tallest = Math.max(...all.map((v) => v.vessel.rimMm));
  const trackOf = (id: string) => (bench?.vessel === id ? bench.track : bench?.others.find((t) => t.vessel === id));
  return (
    <nav aria-label="Vessels of this station" className="my-2 flex items-stretch gap-2 overflow-x-auto pb-1">
      {all.map((v) => (
        <YardLink
          key={v.vessel.id}
          href={`/settle?vessel=${v.vessel.id}`}
          here={v.vessel.id === chosen}
          className={`flex min-h-[var(--target)] shrink-0 items-end gap-1 rounded-md border px-2 py-1 font-plate text-[16px] leading-tight font-semibold ${v.vessel.id === chosen ? "border-go bg-card shadow-[inset_0_-3px_0_var(--go)]" : "border-rule"}`}
        >
          <Small vessel={vesselAtStep(v, trackOf(v.vessel.id), step)} pxPerMm={TALL_PX / tallest} />
          <Plate name={v.vessel.name} litres={v.litres} />
        </YardLink>
      ))}
    </nav>
  );
}

const Plate = memo(function Plate({ name, litres }: { name: string; litres: number }) {
  const units = useUnits();
  return (
    <span className="flex flex-col pb-1">
      {name} <span className="font-medium text-ink-2">{units.litres(litres)}</span>
    </span>
  );
});

function Small({ vessel, pxPerMm }: { vessel: VesselView; pxPerMm: number }) {
  const units = useUnits();
  return <VesselDrawing view={vessel} pxPerMm={pxPerMm} label={vesselWords(vessel, units)} showDrawOff={false} />;
}
