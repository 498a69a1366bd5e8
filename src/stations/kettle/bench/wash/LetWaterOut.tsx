"use client";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { potIn, splitExpected } from "@/core/readings/kettle/pots";
import { LogStep, useUnits } from "@/desk";
import { useYard } from "@/store";
import { SplitFields, useSplit } from "../stages/SplitStage";

/** The water of a wash let out below, when it has parted. */
export function LetWaterOut({ batch, vessel }: { batch: BatchState; vessel: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const expected = splitExpected(potIn(vessel), "wash", view.settings.phases);
  const split = useSplit({ batchId: batch.batch.id, vessel, phase: "wash", expected });
  return (
    <section aria-label="Let the water out" className="mt-3 border-t border-rule pt-2">
      <h3 className="text-[17px] font-semibold">About {units.litres(expected.litres)} of water should come</h3>
      <SplitFields split={split} />
      <LogStep
        draft={split.drafts[0] ?? null}
        said={`The water is out of ${vessel.vessel.name}.`}
        action="Water is out: log it"
        look="plain"
        isComplete={split.isComplete}
      />
    </section>
  );
}
