"use client";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { LogStep, NumberField, useAmount, useUnits } from "@/desk";

interface Props {
  readonly body: VesselView;
  readonly header: VesselView;
  readonly overflow: VesselView;
  readonly batchLitres: number;
}

/** A batch that has gone through: raw oil in below, as much clean oil over the top. */
export function FeedForm({ body, header, overflow, batchLitres }: Props) {
  const units = useUnits();
  const litres = useAmount(units.volume, Math.floor(batchLitres * 10) / 10);
  const draft: Draft = {
    kind: "displace",
    data: {
      header: header.vessel.id,
      body: body.vessel.id,
      overflow: overflow.vessel.id,
      amount: { litres: litres.value ?? 0 },
      passingShare: PASSING_SHARE,
    },
  };
  const ready = litres.value !== null && litres.value > 0;
  return (
    <div className="mt-2">
      <NumberField label={units.asked("Litres fed today")} of={litres} />
      <LogStep
        draft={ready ? draft : null}
        said={`${units.litres(litres.value ?? 0)} from ${header.vessel.name} through ${body.vessel.name} into ${overflow.vessel.name}.`}
        action="Log the batch"
        isComplete={() => {
          if (!ready) litres.refuse("Say how many litres went through.");
          return ready;
        }}
      />
    </div>
  );
}

/** Fines under the cut come over with the oil. */
const PASSING_SHARE = 0.01;
