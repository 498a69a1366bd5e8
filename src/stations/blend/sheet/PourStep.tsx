"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { heightAtLitres } from "@/core/vessels";
import { AsItShouldLook, LogStep, NumberField, useAmount, useUnits } from "@/desk";
import { useYard } from "@/store";
import { nameOf } from "@/ui/words";
import { inMeasures } from "@/ui/words/blend";
import type { KeptMix } from "../keptMix";

interface Props {
  readonly pour: KeptMix["pours"][number];
  readonly plan: KeptMix;
  readonly target: VesselView;
  /** What should stand in it when this pour is in. */
  readonly reachedLitres: number;
  readonly onDone: () => void;
}

const A_DROP_LITRES = 0.05;

/** One pour: litres, measures and the mark to stop at; logged by itself, with the rinse of the tools in it. */
export function PourStep({ pour, plan, target, reachedLitres, onDone }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const [rinsed, setRinsed] = useState(false);
  const from = view.vessels.find((v) => v.vessel.id === pour.from);
  // What has gone in already, by a rinse or by the Log, is not poured twice.
  const stillLitres = Math.max(0, Math.min(pour.litres, Math.round((reachedLitres - target.litres) * 10) / 10));
  const litres = useAmount(units.volume, stillLitres);
  const markMm = heightAtLitres(target.vessel, Math.min(reachedLitres, target.capacityLitres));
  const measures = inMeasures(stillLitres, view.settings.measures, units);
  const tooMuch = from !== undefined && (litres.value ?? 0) > from.litres + 1e-6;
  const room = target.capacityLitres - target.litres;
  const amount = litres.value;
  const draft: Draft | null =
    amount === null || amount <= 0
      ? null
      : pour.from === null
        ? { kind: "purchase", data: { to: target.vessel.id, fluid: pour.fluid, amount: { litres: amount } } }
        : {
            kind: "blend",
            data: {
              to: target.vessel.id,
              parts: [{ from: pour.from, amount: { litres: amount }, ...(rinsed && { rinse: true }) }],
              aim: [...plan.aim],
              forecast: { nuMm2PerS: plan.nuMm2PerS },
            },
          };
  const isComplete = (): boolean => {
    if (amount === null || amount <= 0) litres.refuse("How much did you pour?");
    else if (amount > room + 1e-6) litres.refuse(`Only ${units.litres(room)} go in.`);
    else if (tooMuch && from) litres.refuse(`${from.vessel.name} has only ${units.litres(from.litres)}.`);
    else return true;
    return false;
  };
  return (
    <div className="grid gap-x-6 md:grid-cols-[1fr_auto]">
      <div>
        <p>
          From {pour.from === null ? "the pump" : nameOf(view, pour.from)} into {target.vessel.name}, up to{" "}
          <b className="font-plate text-[24px] whitespace-nowrap">{units.mm(markMm)}</b> from its bottom inside
          {measures ? `: ${measures}` : ""}.
        </p>
        {stillLitres < A_DROP_LITRES ? <p className="mt-2 text-go">It is in already, by the book.</p> : null}
        {pour.isOil || pour.from === null ? null : (
          <label className="mt-2 flex min-h-[var(--target)] cursor-pointer items-center gap-3 text-[16px]">
            <input
              type="checkbox"
              className="h-5 w-5 accent-go"
              checked={rinsed}
              onChange={(e) => setRinsed(e.target.checked)}
            />
            I rinse the jug and the funnel with some of it, and the rinse goes in: it counts
          </label>
        )}
        <div className="mt-2 max-w-[280px]">
          <NumberField label={units.asked("Litres poured")} of={litres} />
        </div>
        <LogStep
          draft={draft}
          said={`${units.litres(amount ?? 0)} ${pour.what} are in ${target.vessel.name}.`}
          action="Poured: log it"
          isComplete={isComplete}
          onDone={onDone}
        />
      </div>
      <AsItShouldLook
        vessel={target}
        words={`${target.vessel.name} when it is in`}
        cleared={1}
        litres={Math.min(reachedLitres, target.capacityLitres)}
      />
    </div>
  );
}
