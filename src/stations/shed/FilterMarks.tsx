"use client";
import type { Settings } from "@/core/ledger";
import { useUnits } from "@/desk";
import { Mark } from "./Mark";

interface Props {
  readonly settings: Settings;
  readonly onSet: (data: Partial<Settings>) => void;
}

const USUAL_LITRES_PER_HOUR = 5;

/** From when a bag is choked to its owner: what "litres left" counts down to. */
export function FilterMarks({ settings, onSet }: Props) {
  const { volume, litresPerHour } = useUnits();
  return (
    <section aria-labelledby="filter-marks" className="my-6 max-w-[720px]">
      <h2 id="filter-marks" className="text-xl">
        Filtering
      </h2>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        <Mark
          label="A bag is choked when less runs through than"
          typed={{ ...volume, unit: `${volume.unit}/h` }}
          hint={`By gravity; ${litresPerHour(USUAL_LITRES_PER_HOUR)} is usual`}
          value={settings.patienceLitresPerHour}
          onSet={(litres) => onSet({ patienceLitresPerHour: litres })}
          min={0.1}
          max={500}
        />
      </div>
    </section>
  );
}
