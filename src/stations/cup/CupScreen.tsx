"use client";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { calibrateCup, cupViscosity } from "@/core/fluids";
import type { Cup, Draft } from "@/core/ledger";
import { Refused } from "@/core/numerics";
import type { VesselView } from "@/core/readings";
import { formatNumber, parsePlain } from "@/core/units";
import { LogStep, NumberField, useAmount, useNumber, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Bench, SelectField } from "@/ui";
import { counted, thicknessWords } from "@/ui/words";
import { Calibrate } from "./Calibrate";
import { Stopwatch } from "./Stopwatch";

/** The owner's own can with a hole: calibrated with fluids of known viscosity, then a lot's viscosity is timed, not assumed. */
export function CupScreen() {
  const { view } = useYard();
  const asked = useSearchParams().get("vessel");
  const oily = view.vessels.filter((v) => v.litres > 0.05 && v.vessel.role !== "waste");
  const [vessel, setVessel] = useState<string>(
    oily.find((v) => v.vessel.id === asked)?.vessel.id ?? oily.find((v) => v.station === "settle")?.vessel.id ?? "",
  );
  const [cupId, setCupId] = useState<string>(view.cups[0]?.id ?? "new");
  const cup = view.cups.find((c) => c.id === cupId);
  const lot = oily.find((v) => v.vessel.id === vessel);
  return (
    <Bench
      title="Flow cup"
      subtitle="A can with a hole in its bottom, filled to the same mark and timed. It tells how thick oil really is."
      asideLabel="Time a lot"
      aside={
        cup && lot ? (
          <>
            <SelectField
              label="Which lot"
              value={vessel}
              options={oily.map((v) => ({ value: v.vessel.id, name: v.vessel.name }))}
              onChange={setVessel}
            />
            <TimeLot key={`${vessel} ${cup.id}`} cup={cup} lot={lot} />
          </>
        ) : (
          <p className="text-ink-2">Calibrate a can first, then time a lot with it.</p>
        )
      }
    >
      {view.cups.length > 0 ? (
        <div className="mt-2 max-w-[320px]">
          <SelectField
            label="Which can"
            value={cupId}
            options={[
              ...view.cups.map((c) => ({ value: c.id as string, name: c.name })),
              { value: "new", name: "Another can" },
            ]}
            onChange={setCupId}
          />
        </div>
      ) : null}
      <Calibrate key={cupId} cup={cup} onKept={setCupId} />
    </Bench>
  );
}

function TimeLot({ cup, lot }: { cup: Cup; lot: VesselView }) {
  const { view } = useYard();
  const units = useUnits();
  const seconds = useNumber("", parsePlain);
  const celsius = useAmount(units.temperature, view.settings.shedCelsius);
  const found = seconds.value !== null && seconds.value > 0 ? measured(cup, seconds.value) : null;
  const draft: Draft = {
    kind: "cup-test",
    data: { cup: cup.id, vessel: lot.vessel.id, seconds: seconds.value ?? 0, celsius: celsius.value ?? 0 },
  };
  return (
    <>
      <h2 className="mt-3 text-xl">Time {lot.vessel.name}</h2>
      <p className="text-[14px] text-ink-2">Now: {thicknessWords(lot.thickness)}</p>
      <Stopwatch onStop={(s) => seconds.set(String(s))} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField label="It ran" of={seconds} suffix="s" />
        <NumberField label="At" of={celsius} />
      </div>
      {found ? (
        <p className={`mt-2 ${found.ok ? "font-plate text-[26px] font-semibold" : "text-stop"}`}>
          {found.ok ? `${formatNumber(found.nu, 1)} mm²/s` : found.words}
          {found.ok && found.outside ? (
            <span className="block font-sans text-[14px] font-normal">
              Outside the times this can was calibrated with: calibrate it with something as thick.
            </span>
          ) : null}
        </p>
      ) : null}
      <LogStep
        draft={draft}
        said={`${lot.vessel.name}: ${found?.ok ? formatNumber(found.nu, 1) : "–"} mm²/s. Its forecasts use it from now on.`}
        action="Log the time"
        isComplete={() => {
          if (seconds.value === null || seconds.value < 0.5) seconds.refuse("Say how many seconds it ran.");
          else if (celsius.value === null) celsius.refuse("Say how warm it was: thickness changes fast with it.");
          else if (found?.ok !== true) seconds.refuse(found?.words ?? "Too quick.");
          else return true;
          return false;
        }}
      />
      {seconds.value !== null && seconds.value >= 0.5 ? (
        <Why
          name="flow-cup"
          input={{
            calibration: cup.readings.map((r): [number, number] => [r.nuMm2PerS, r.seconds]),
            seconds: seconds.value,
          }}
          readings={`${counted(cup.readings.length, "calibration")} of ${cup.name}.`}
        />
      ) : null}
    </>
  );
}

type Measured =
  | { readonly ok: true; readonly nu: number; readonly outside: boolean }
  | { readonly ok: false; readonly words: string };

function measured(cup: Cup, seconds: number): Measured {
  try {
    const fit = calibrateCup(cup.readings.map((r) => [r.nuMm2PerS, r.seconds]));
    const nu = cupViscosity(fit, seconds).value;
    return { ok: true, nu, outside: seconds < fit.shortestSeconds || seconds > fit.longestSeconds };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return {
      ok: false,
      words:
        error.field === "seconds"
          ? "Too quick for this can: a smaller hole measures it."
          : "The calibrations are too alike: use fluids that differ more.",
    };
  }
}
