"use client";
import { useState } from "react";
import type { VesselView } from "@/core/readings";
import { useYard } from "@/store";
import { Bench, SelectField } from "@/ui";
import { KettlePages } from "../KettlePages";
import { StillBench } from "./StillBench";

const SOME_LITRES = 0.2;

export const methanolIn = (v: VesselView): number =>
  v.components.reduce((sum, c) => (c.component === "methanol" ? sum + c.litres : sum), 0);
const glycerolIn = (v: VesselView): number =>
  v.components.reduce((sum, c) => (c.component === "glycerol" ? sum + c.litres : sum), 0);

/** Methanol boiled back out of the glycerol: how much comes, at what heat, and what it is worth. */
export function StillScreen() {
  const { view } = useYard();
  const [chosen, setChosen] = useState<string | null>(null);
  const pots = view.vessels
    .filter((v) => glycerolIn(v) > SOME_LITRES && methanolIn(v) > SOME_LITRES / 4)
    .sort((a, b) => methanolIn(b) - methanolIn(a));
  const pot = pots.find((v) => v.vessel.id === chosen) ?? pots[0];
  return (
    <Bench
      title="Methanol back"
      subtitle="What is left over goes down with the glycerol. Boiled out of it and condensed, it goes into the next batch."
      asideLabel="More"
      aside={<KettlePages here="still" />}
    >
      {pot ? (
        <div className="max-w-[860px]">
          {pots.length > 1 ? (
            <SelectField
              label="Out of"
              value={pot.vessel.id}
              options={pots.map((v) => ({ value: v.vessel.id, name: v.vessel.name }))}
              onChange={setChosen}
            />
          ) : null}
          <StillBench key={`${pot.vessel.id} ${pot.changedAt}`} pot={pot} />
        </div>
      ) : (
        <p className="mt-4">No vessel holds glycerol with methanol in it. It comes when a batch is split.</p>
      )}
    </Bench>
  );
}
