"use client";
import { useState } from "react";
import type { Settings } from "@/core/ledger";
import { useUnits } from "@/desk";
import { Button, TextField } from "@/ui";
import { plainly } from "@/ui/words";
import { Mark } from "./Mark";

interface Props {
  readonly settings: Settings;
  readonly onSet: (data: Partial<Settings>) => void;
}

const MOST_MEASURES = 6;
const LEAST_LITRES = 0.05;
const MOST_LITRES = 100;

/** How blends are poured and how long they stand. */
export function BlendMarks({ settings, onSet }: Props) {
  return (
    <section aria-labelledby="blend-marks" className="my-6 max-w-[720px]">
      <h2 id="blend-marks" className="text-xl">
        Blending
      </h2>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        <Mark
          label="A petrol blend stands"
          typed={plainly("h")}
          hint="A day at least: nine tenths of its gums are down then"
          value={settings.petrolStandHours}
          onSet={(petrolStandHours) => onSet({ petrolStandHours })}
          min={1}
          max={2000}
        />
      </div>
      <Measures settings={settings} onSet={onSet} />
    </section>
  );
}

/** Jugs and scoops: pours are told in them beside the litres. */
function Measures({ settings, onSet }: Props) {
  const units = useUnits();
  const [name, setName] = useState("");
  const [holds, setHolds] = useState("");
  const [wrong, setWrong] = useState<string>();
  const { measures: old } = settings;
  const add = (): void => {
    const read = units.volume.parse(holds);
    if (name.trim() === "") setWrong("What do you call it?");
    else if (!read.ok || read.value < LEAST_LITRES || read.value > MOST_LITRES)
      setWrong(`It holds between ${units.litres(LEAST_LITRES)} and ${units.litres(MOST_LITRES)}.`);
    else {
      const measures = [...old.filter((m) => m.name !== name.trim()), { name: name.trim(), litres: read.value }];
      onSet({ measures });
      setName("");
      setHolds("");
      setWrong(undefined);
    }
  };
  return (
    <fieldset className="mt-4">
      <legend className="text-[16px] font-semibold">Jugs and scoops you pour with</legend>
      <ul>
        {old.map((m) => (
          <li key={m.name} className="flex items-center justify-between border-t border-rule">
            <span>
              {m.name}, {units.litres(m.litres)}
            </span>
            <Button look="quiet" onClick={() => onSet({ measures: old.filter((x) => x !== m) })}>
              Take away<span className="sr-only"> {m.name}</span>
            </Button>
          </li>
        ))}
      </ul>
      {old.length < MOST_MEASURES ? (
        <div className="mt-1 grid grid-cols-[1fr_140px_auto] items-end gap-2">
          <TextField label="Jug or scoop" value={name} onChange={setName} />
          <TextField label="It holds" value={holds} onChange={setHolds} decimal suffix={units.volume.unit} />
          <Button onClick={add}>Add it</Button>
        </div>
      ) : null}
      {wrong ? (
        <p role="alert" className="text-[14px] text-stop">
          {wrong}
        </p>
      ) : null}
    </fieldset>
  );
}
