"use client";
import type { Settings } from "@/core/ledger";
import { plainly } from "@/ui/words";
import { Mark } from "./Mark";

interface Props {
  readonly settings: Settings;
  readonly onSet: (data: Partial<Settings>) => void;
}

/** How long fuel keeps, by its owner's own experience. */
export function StoreMarks({ settings, onSet }: Props) {
  return (
    <section aria-labelledby="store-marks" className="my-6 max-w-[720px]">
      <h2 id="store-marks" className="text-xl">
        Keeping
      </h2>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        <Mark
          label="Oil and diesel keep, at 20 °C"
          typed={plainly("days")}
          hint="Dark, closed, no copper; half as long for every 10 K warmer"
          value={settings.oilKeepsDays}
          onSet={(days) => onSet({ oilKeepsDays: days })}
          min={30}
          max={3650}
        />
        <Mark
          label="Biodiesel keeps, at 20 °C"
          typed={plainly("days")}
          hint="Six months is usual"
          value={settings.esterKeepsDays}
          onSet={(days) => onSet({ esterKeepsDays: days })}
          min={30}
          max={3650}
        />
      </div>
    </section>
  );
}
