"use client";
import { useState } from "react";
import { methanolDensityAt20, methanolPct } from "@/core/kettle";
import type { Draft } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { VesselView } from "@/core/readings";
import { formatNumber, parsePlain } from "@/core/units";
import { LogStep, NumberField, useAmount, useLog, useNumber, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, SelectField } from "@/ui";

interface Props {
  readonly pot: VesselView;
  readonly potCelsius: number | null;
  readonly kwh: number;
  readonly expectedLitres: number;
}

/** What came over: litres, and by a hydrometer how much of them is methanol; back to stock at what it is. */
export function RecoverForm({ pot, potCelsius, kwh, expectedLitres }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const litres = useAmount(units.volume, null);
  const hydrometer = useNumber("", parsePlain);
  const celsius = useAmount(units.temperature, 20);
  const [to, setTo] = useState<string | null>(null);
  const drums = view.vessels.filter(
    (v) =>
      v.vessel.role === "chemical" &&
      v.vessel.id !== pot.vessel.id &&
      (v.litres < 0.05 || v.components[0]?.component === "methanol"),
  );
  const into = drums.find((v) => v.vessel.id === to) ?? drums[0];
  const pct =
    hydrometer.value === null || celsius.value === null
      ? null
      : methanolPct(methanolDensityAt20(hydrometer.value, celsius.value));
  const batch = view.batches.findLast((b) => b.splits.some((s) => s.phase === "glycerol"));
  const draft: Draft | null =
    litres.value === null || litres.value <= 0 || pct === null || !into
      ? null
      : {
          kind: "recover",
          data: {
            from: pot.vessel.id,
            to: asVesselId(into.vessel.id),
            amount: { litres: litres.value },
            methanolShare: pct / 100,
            ...(potCelsius !== null && { potCelsius }),
            kwh: Math.round(kwh * 10) / 10,
            ...(batch && { batch: batch.batch.id }),
          },
        };
  return (
    <section aria-labelledby="came-title" className="mt-4 max-w-[520px]">
      <h2 id="came-title" className="text-xl">
        What came over
      </h2>
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label={units.asked("Litres in the receiver")}
          of={litres}
          hint={`${units.litres(expectedLitres)} expected`}
        />
        {drums.length > 0 ? (
          <SelectField
            label="Into"
            value={into?.vessel.id ?? ""}
            options={drums.map((v) => ({ value: v.vessel.id, name: v.vessel.name }))}
            onChange={setTo}
          />
        ) : (
          <Button className="self-end" onClick={() => log.open("add-vessel", { preset: "jerrycan", role: "chemical" })}>
            Add a can for it
          </Button>
        )}
        <NumberField label="Hydrometer" of={hydrometer} suffix="kg/L" />
        <NumberField label="Read at" of={celsius} />
      </div>
      {hydrometer.value === null ? null : (
        <p className={`mt-1 font-plate text-[18px] font-semibold ${pct === null ? "text-stop" : ""}`}>
          {pct === null
            ? "That is no methanol and water: between 0.792 and 0.934 kg/L."
            : `${formatNumber(pct, 1)} % methanol, the rest water. The next recipe pours more of it for that.`}
        </p>
      )}
      <LogStep
        draft={draft}
        said={`${units.litres(litres.value ?? 0)} are back in ${into?.vessel.name ?? ""}.`}
        action="Back to stock: log it"
        isComplete={() => {
          if (litres.value === null || litres.value <= 0) litres.refuse("How much came?");
          else if (pct === null) hydrometer.refuse("What does the hydrometer read?");
          else if (into && litres.value > into.capacityLitres - into.litres + 0.05)
            litres.refuse(`${into.vessel.name} has room for ${units.litres(into.capacityLitres - into.litres)}.`);
          else return into !== undefined;
          return false;
        }}
      />
    </section>
  );
}
