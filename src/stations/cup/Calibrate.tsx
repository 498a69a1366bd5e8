"use client";
import { useState } from "react";
import { FLUIDS, kinematicViscosityMm2PerS, type TableFluidId } from "@/core/fluids";
import type { Cup } from "@/core/ledger";
import { asCupId } from "@/core/ledger/named";
import { formatNumber, parsePlain } from "@/core/units";
import { NumberField, useAmount, useNumber, useTell, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, SelectField, TextField } from "@/ui";
import { CupFigures } from "./CupFigures";
import { Stopwatch } from "./Stopwatch";

/** What one has on the shelf that is as its table says: fresh and bought. */
const KNOWN = ["diesel", "kerosene", "canola", "soybean", "sunflower", "atf", "biodiesel"] as const;
/** Half and half by volume is the third point that tells how the hole behaves. */
type Reading = Cup["readings"][number];

/** Two or more fluids of known thickness through the can, at one temperature. */
export function Calibrate({ cup, onKept }: { cup: Cup | undefined; onKept: (id: string) => void }) {
  const { view, newId } = useYard();
  const units = useUnits();
  const tell = useTell();
  const [name, setName] = useState(cup?.name ?? "My can");
  const [readings, setReadings] = useState<readonly Reading[]>(cup?.readings ?? []);
  const [what, setWhat] = useState<string>("diesel");
  const celsius = useAmount(units.temperature, view.settings.shedCelsius);
  const own = useNumber("", parsePlain);
  const seconds = useNumber("", parsePlain);
  const [problem, setProblem] = useState<string | null>(null);
  const nu =
    what === "other" ? own.value : celsius.value === null ? null : tableNu(what as TableFluidId, celsius.value);
  const add = (): void => {
    if (seconds.value === null || seconds.value < 0.5 || seconds.value > 36_000) {
      seconds.refuse("Seconds, half a second at least.");
      return;
    }
    if (nu === null || nu < 0.2 || nu > 5000) {
      (what === "other" ? own : celsius).refuse("Known thickness between 0.2 and 5,000 mm²/s.");
      return;
    }
    const named = what === "other" ? "known fluid" : FLUIDS[what as TableFluidId].name;
    setReadings((all) => [...all, { what: named, nuMm2PerS: nu, seconds: seconds.value ?? 0 }]);
    seconds.set("");
  };
  const keep = async (): Promise<void> => {
    if (name.trim() === "") return setProblem("Give the can a name.");
    if (readings.length < 2)
      return setProblem("Two fluids at least: diesel and fresh oil, and better a half-and-half.");
    const id = cup?.id ?? asCupId(newId());
    const refused = await tell(
      { kind: "cup", data: { id, name: name.trim(), readings: [...readings] } },
      `${name.trim()} is calibrated.`,
    );
    setProblem(refused);
    if (refused === null) onKept(id);
  };
  return (
    <section aria-labelledby="calibrate-title" className="mt-3 max-w-[560px]">
      <h2 id="calibrate-title" className="text-lg">
        {cup ? "Its calibration" : "Calibrate a can"}
      </h2>
      <TextField label="Its name" value={name} onChange={setName} />
      {readings.length > 0 ? (
        <ul className="mt-2 text-[15px]">
          {readings.map((r, i) => (
            <li
              key={`${r.what} ${r.seconds} ${r.nuMm2PerS}`}
              className="flex items-center justify-between gap-2 border-t border-rule"
            >
              <span>
                {r.what}, {formatNumber(r.nuMm2PerS, 2)} mm²/s: {formatNumber(r.seconds, 1)} s
              </span>
              <Button look="quiet" onClick={() => setReadings((all) => all.filter((_, j) => j !== i))}>
                Take out
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <CupFigures readings={readings.map((r) => [r.nuMm2PerS, r.seconds] as const)} />
      <h3 className="mt-2 text-[16px] font-semibold">Another fluid</h3>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <SelectField
          label="What"
          value={what}
          options={[
            ...KNOWN.map((f) => ({ value: f as string, name: `${FLUIDS[f].name}, fresh` })),
            { value: "other", name: "Known otherwise" },
          ]}
          onChange={setWhat}
        />
        {what === "other" ? (
          <NumberField label="Its thickness" of={own} suffix="mm²/s" />
        ) : (
          <NumberField
            label="At"
            of={celsius}
            hint={nu === null ? undefined : `${formatNumber(nu, 2)} mm²/s by the table`}
          />
        )}
        <NumberField label="It ran for" of={seconds} suffix="s" />
        <div className="self-end">
          <Stopwatch onStop={(s) => seconds.set(String(s))} />
        </div>
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <Button onClick={add}>Add it</Button>
        <Button look="go" onClick={() => void keep()}>
          Keep the can
        </Button>
      </div>
      <p aria-live="polite" className="mt-1 text-stop">
        {problem}
      </p>
    </section>
  );
}

function tableNu(id: TableFluidId, celsius: number): number | null {
  return celsius < -40 || celsius > 150 ? null : kinematicViscosityMm2PerS(FLUIDS[id], celsius, 1);
}
