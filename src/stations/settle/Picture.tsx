"use client";
import { useMemo, useState } from "react";
import type { SettleBench, VesselView } from "@/core/readings";
import { useNarrow } from "@/desk";
import { Clearing } from "./Clearing";
import { CutAway } from "./CutAway";
import { DipForm } from "./DipForm";
import { Hurry } from "./Hurry";
import { Shelf } from "./Shelf";
import { TimeSlider } from "./TimeSlider";
import { vesselAtStep } from "./track";
import type { DipDraft } from "./useDip";

interface Props {
  readonly vessel: VesselView;
  readonly all: readonly VesselView[];
  readonly bench: SettleBench | null;
  readonly dip: DipDraft;
}

/** What one sees through the drum: the slider moves it, its neighbours and the chart; nothing is reckoned on the way. */
export function Picture({ vessel, all, bench, dip }: Props) {
  const narrow = useNarrow();
  const [moved, setMoved] = useState<number | null>(null);
  const step = moved ?? bench?.nowStep ?? 0;
  const shown = useMemo(() => vesselAtStep(vessel, bench?.track, step), [vessel, bench, step]);
  return (
    <>
      <Shelf all={all} chosen={vessel.vessel.id} bench={bench} step={step} />
      <div className="flex flex-wrap gap-x-6">
        <div className="min-w-0 max-w-full">
          <div id="cut-away" className="scroll-mt-2">
            <CutAway vessel={shown} dip={dip} />
          </div>
          {dip.open && narrow ? (
            <div className="mt-3 rounded-md bg-panel p-3">
              <DipForm vessel={vessel} dip={dip} />
            </div>
          ) : null}
          {bench ? <TimeSlider bench={bench} step={step} onMove={setMoved} /> : null}
        </div>
        {bench ? (
          <div className="mt-2 min-w-[280px] max-w-[430px] flex-1">
            <Clearing bench={bench} step={step} />
            <Hurry bench={bench} />
          </div>
        ) : null}
      </div>
    </>
  );
}
