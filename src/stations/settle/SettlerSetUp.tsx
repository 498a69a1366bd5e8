"use client";
import { useState } from "react";
import { isFor, type Use } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import { sludgeMostMm } from "@/core/ledger/sludgeMost";
import type { VesselView } from "@/core/readings";
import { USUAL_SETTLER } from "@/core/readings/settle/settler";
import { parsePlain } from "@/core/units";
import { NumberField, useAmount, useNumber, useTell, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, SelectField } from "@/ui";

/** How a settler is piped, what it shall hold back, and how high its sludge may stand. */
export function SettlerSetUp({ vessel: v, onDone }: { vessel: VesselView; onDone: () => void }) {
  const { view } = useYard();
  const tell = useTell();
  const units = useUnits();
  const old = v.vessel.settler;
  const others = view.vessels.filter((o) => o.vessel.id !== v.vessel.id && o.vessel.role !== "tank");
  const of = (use: Use) =>
    others.filter((o) => isFor(o.vessel.role, use)).map((o) => ({ value: o.vessel.id as string, name: o.vessel.name }));
  const none = { value: "", name: "None yet" };
  const [header, setHeader] = useState<string>(old?.header ?? "");
  const [overflow, setOverflow] = useState<string>(old?.overflow ?? "");
  const cut = useNumber(String(old?.cutUm ?? USUAL_SETTLER.cutUm), parsePlain);
  const hours = useNumber(String(old?.hoursADay ?? USUAL_SETTLER.hoursADay), parsePlain);
  const usualMost = sludgeMostMm(v.vessel) ?? Math.round(v.vessel.rimMm / 3);
  const most = useAmount(units.length, usualMost);
  const keep = async (): Promise<void> => {
    if (cut.value === null || cut.value < 1 || cut.value > 500) return cut.refuse("Between 1 and 500 µm.");
    if (hours.value === null || hours.value < 0.5 || hours.value > 24)
      return hours.refuse("Between half an hour and 24.");
    if (most.value === null || most.value < 1 || most.value >= v.vessel.rimMm)
      return most.refuse(`Below the overflow at ${units.mm(v.vessel.rimMm)}.`);
    const settler = {
      ...(header && { header: asVesselId(header) }),
      ...(overflow && { overflow: asVesselId(overflow) }),
      cutUm: cut.value,
      hoursADay: hours.value,
      sludgeMostMm: most.value,
    };
    const problem = await tell({ kind: "vessel", data: { ...v.vessel, settler } }, `${v.vessel.name} is set up.`);
    if (problem === null) onDone();
    else most.refuse(problem);
  };
  return (
    <section aria-labelledby="setup-title">
      <h2 id="setup-title" className="text-xl">
        Set up {v.vessel.name}
      </h2>
      <p className="text-[14px] text-ink-2">
        A header feeds it slowly from below; its body stays full; clean oil runs over the top into a tank. The body's
        first filling is clean oil, and stays in it.
      </p>
      <div className="mt-2 flex flex-col gap-2">
        <SelectField
          label="Header: where it is fed from"
          value={header}
          options={[none, ...of("settler-header")]}
          onChange={setHeader}
        />
        <SelectField
          label="Overflow: where clean oil goes"
          value={overflow}
          options={[none, ...of("settler-overflow")]}
          onChange={setOverflow}
        />
        <NumberField label="Hold back grains from" of={cut} suffix="µm" />
        <NumberField label="Hours a day it is fed" of={hours} suffix="h" />
        <NumberField label="Sludge may stand to" of={most} />
      </div>
      <div className="mt-3 flex gap-2">
        <Button look="go" wide onClick={() => void keep()}>
          Keep
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </section>
  );
}
