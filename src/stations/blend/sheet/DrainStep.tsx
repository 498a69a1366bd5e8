"use client";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { formatNumber, MS_PER_HOUR } from "@/core/units";
import { LogStep, NumberField, useAmount, useLog, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { counted, percentWords } from "@/ui/words";

interface Props {
  readonly target: VesselView;
  readonly isDark: boolean;
  readonly onDone: () => void;
}

/** Sludge off the bottom, as much as one's own batches have dropped: what is drained is kept and forecasts the next. */
export function DrainStep({ target, isDark, onDone }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const waste = view.vessels.find((v) => v.vessel.role === "waste");
  const { fullShare, tauHours, batches } = view.gums;
  const since = target.petrol?.since ?? target.stirredAt;
  const hours = since === null ? 0 : Math.max(0, (Date.parse(view.at) - Date.parse(since)) / MS_PER_HOUR);
  const share = fullShare === null ? null : fullShare * -Math.expm1(-hours / tauHours);
  const expected = share === null ? null : Math.round(share * target.litres * 10) / 10;
  const litres = useAmount(units.volume, expected !== null && expected > 0 ? expected : null);
  const amount = litres.value;
  const draft: Draft | null =
    waste && amount !== null && amount > 0
      ? {
          kind: "move",
          data: { from: target.vessel.id, to: waste.vessel.id, amount: { litres: amount }, layer: "bottom" },
        }
      : null;
  return (
    <>
      <p>
        {expected === null
          ? "Nobody knows yet how much falls out of yours: drain until it runs clear, and measure it. The next batch is forecast by it."
          : `About ${units.litres(expected)} should be down: ${percentWords(share ?? 0)} of it, by ${counted(batches, "batch of yours", "batches of yours")}.`}
      </p>
      <p className="mt-2">
        {isDark
          ? "It is too dark to see the sludge: feel the stream. Sludge runs thick and in strings, the blend thin; stop when it thins."
          : "Open the bottom tap a little, and stop when it runs clear."}
      </p>
      {waste ? (
        <>
          <div className="mt-2 max-w-[280px]">
            <NumberField label={units.asked("Litres drained")} of={litres} />
          </div>
          <LogStep
            draft={draft}
            said={`${units.litres(amount ?? 0)} of sludge are in ${waste.vessel.name}.`}
            action={`Into ${waste.vessel.name}: log it`}
            isComplete={() => {
              if (amount === null || amount <= 0) litres.refuse("How much came?");
              else if (amount > target.litres) litres.refuse(`There are only ${units.litres(target.litres)}.`);
              else return true;
              return false;
            }}
            onDone={onDone}
          />
        </>
      ) : (
        <Button className="mt-2" onClick={() => log.open("add-vessel", { preset: "pail", role: "waste" })}>
          Add a bin for sludge
        </Button>
      )}
      {fullShare === null ? null : (
        <Why
          name="gum-drop"
          input={{ fullShare, tauHours, hours: Math.min(100_000, hours) }}
          readings={`${counted(batches, "batch", "batches")} that you drained; nine tenths are down after ${formatNumber(view.settings.petrolStandHours, 0)} h, by your mark.`}
        />
      )}
    </>
  );
}
