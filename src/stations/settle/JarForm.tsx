"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { NumberField, useAmount, useUnits } from "@/desk";
import { ClarityChoice } from "@/ui";
import { KeepOrDrop } from "./KeepOrDrop";

/** A jar filled at a height and held to the light, before a printed page. */
export function JarForm({ vessel: v, onDone }: { vessel: VesselView; onDone: () => void }) {
  const units = useUnits();
  const at = useAmount(units.length, Math.round(v.settling?.drawOffMm ?? 0));
  const celsius = useAmount(units.temperature, null);
  const [step, setStep] = useState<string>("");
  const wrong = at.value === null || (celsius.text.trim() !== "" && celsius.value === null);
  const draft: Draft = {
    kind: "jar",
    data: {
      vessel: v.vessel.id,
      step: Number(step) || 1,
      atMm: at.value ?? 0,
      ...(celsius.value !== null && { celsius: celsius.value }),
      ...(v.settling?.readyAt && { forecast: { readyAt: v.settling.readyAt } }),
    },
  };
  return (
    <section aria-labelledby="jar-title">
      <h2 id="jar-title" className="text-xl">
        Jar to the light
      </h2>
      <p className="text-[14px] text-ink-2">
        Fill a jar slowly at the height you would draw from. Hold it before a printed page, the light behind both.
      </p>
      <div className="mt-1">
        <ClarityChoice label="What you see" value={step} onChange={setStep} />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField label="Filled at" of={at} />
        <NumberField label="Oil at" of={celsius} />
      </div>
      <KeepOrDrop
        draft={step === "" || wrong ? null : draft}
        said={`Jar of ${v.vessel.name} noted. The forecast rests on it now.`}
        action="Log the jar"
        onDone={onDone}
      />
    </section>
  );
}
