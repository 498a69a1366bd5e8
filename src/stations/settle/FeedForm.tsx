"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { Interlock, isRefused, NumberField, useAmount, useClearance, useTell, useUnits } from "@/desk";
import { Button } from "@/ui";

interface Props {
  readonly body: VesselView;
  readonly header: VesselView;
  readonly overflow: VesselView;
  readonly batchLitres: number;
}

/** A batch that has gone through: raw oil in below, as much clean oil over the top. */
export function FeedForm({ body, header, overflow, batchLitres }: Props) {
  const units = useUnits();
  const tell = useTell();
  const litres = useAmount(units.volume, Math.floor(batchLitres * 10) / 10);
  const [refused, setRefused] = useState<string | null>(null);
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
  const clearance = useClearance(ready ? draft : null);
  const feed = async (): Promise<void> => {
    if (!ready) {
      litres.refuse("Say how many litres went through.");
      return;
    }
    setRefused(
      await tell(
        draft,
        `${units.litres(litres.value ?? 0)} from ${header.vessel.name} through ${body.vessel.name} into ${overflow.vessel.name}.`,
      ),
    );
  };
  return (
    <div className="mt-2">
      <NumberField label={units.asked("Litres fed today")} of={litres} />
      <Interlock clearance={clearance} />
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <Button look="go" wide className="mt-2" disabled={isRefused(clearance)} onClick={() => void feed()}>
        Log the batch
      </Button>
    </div>
  );
}

/** Fines under the cut come over with the oil. */
const PASSING_SHARE = 0.01;
