"use client";
import { useState } from "react";
import { isGlyceride } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { running } from "@/core/readings/kettle/stages";
import { NoSuchVessel, useChosenVessel, useLog } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, SelectField } from "@/ui";
import { KettlePages } from "../KettlePages";
import { TitrationForm } from "./TitrationForm";
import { WetFirst } from "./WetFirst";

/** Oil that may be converted: what a batch is being made of is spoken for. */
export const mayTitrate = (v: VesselView, batches: readonly BatchState[] = []): boolean =>
  !running(batches).some((b) => b.vessel === v.vessel.id || b.batch.kettle === v.vessel.id) &&
  v.litres > 0.5 &&
  v.components.some((c) => isGlyceride(c.component) && c.litres > 0.3 * v.litres);

const RANK: Readonly<Partial<Record<string, number>>> = { kettle: 0, heel: 1, feed: 2, ready: 3 };

/** How much acid is in a lot: asked before anything is weighed, and water before that. */
export function TitrateScreen() {
  const { view } = useYard();
  const may = (v: VesselView): boolean => mayTitrate(v, view.batches);
  const { chosen, isUnknown } = useChosenVessel("kettle", may);
  const log = useLog();
  const [other, setOther] = useState<string | null>(null);
  const lots = view.vessels.filter(may).sort((a, b) => (RANK[a.vessel.role] ?? 9) - (RANK[b.vessel.role] ?? 9));
  if (isUnknown) return <NoSuchVessel bench="is titrated" />;
  const named = lots.find((v) => v.vessel.id === other) ?? (chosen && may(chosen) ? chosen : lots[0]);
  return (
    <Bench
      title="Titrate"
      subtitle="Drip lye of known strength into a little oil: how much acid it holds, and so how much lye it needs."
      asideLabel="Before it"
      aside={
        <>
          {named ? <WetFirst key={named.vessel.id} vessel={named} /> : null}
          <KettlePages here="titrate" />
        </>
      }
    >
      {named ? (
        <div className="mt-3 max-w-[720px]">
          <SelectField
            label="Which oil"
            value={named.vessel.id}
            options={lots.map((v) => ({ value: v.vessel.id, name: v.vessel.name }))}
            onChange={setOther}
          />
          <TitrationForm key={named.vessel.id} vessel={named} />
        </div>
      ) : (
        <div className="mt-4">
          <p>No vessel holds oil or fat to titrate.</p>
          <Button className="mt-2" onClick={() => log.open("pour", { toRole: "kettle" })}>
            Pour oil into the kettle
          </Button>
        </div>
      )}
    </Bench>
  );
}
