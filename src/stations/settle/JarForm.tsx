"use client";
import { useState } from "react";
import type { VesselView } from "@/core/advice";
import type { Draft } from "@/core/ledger";
import { parseMillimetres } from "@/core/units";
import { Interlock, useClearance, useNumber, useTell, useUnits } from "@/desk";
import { Button, Choice, ClarityJar, TextField } from "@/ui";
import { CLARITY } from "@/ui/words";

/** A jar filled at a height and held to the light, before a printed page. */
export function JarForm({ vessel: v, onDone }: { vessel: VesselView; onDone: () => void }) {
  const units = useUnits();
  const tell = useTell();
  const at = useNumber(String(Math.round(v.settling?.drawOffMm ?? 0)), parseMillimetres);
  const celsius = useNumber("", units.parseCelsius);
  const [step, setStep] = useState<string>("");
  const [refused, setRefused] = useState<string | null>(null);
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
  const clearance = useClearance(step === "" || wrong ? null : draft);
  const odd = (clearance?.warnings.length ?? 0) > 0;
  const log = async (): Promise<void> => {
    const problem = await tell(draft, `Jar of ${v.vessel.name} noted. The forecast rests on it now.`);
    setRefused(problem);
    if (problem === null) onDone();
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
        <Choice
          label="What you see"
          options={CLARITY.map((c) => ({
            value: String(c.step),
            name: c.name,
            detail: c.detail,
            picture: <ClarityJar step={c.step} />,
          }))}
          value={step}
          onChange={setStep}
        />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <TextField label="Filled at" value={at.text} onChange={at.set} error={at.error} decimal suffix="mm" />
        <TextField
          label="Oil at"
          value={celsius.text}
          onChange={celsius.set}
          error={celsius.error}
          decimal
          suffix={units.celsius(0).split(" ")[1]}
        />
      </div>
      <Interlock clearance={clearance} />
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <div className="mt-3 flex gap-2">
        <Button look="go" wide disabled={step === "" || wrong} onClick={() => void log()}>
          {odd ? "Keep it as read" : "Log the jar"}
        </Button>
        <Button onClick={onDone}>{odd ? "Drop it" : "Cancel"}</Button>
      </div>
    </section>
  );
}
