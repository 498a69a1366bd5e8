"use client";
import type { Settings } from "@/core/ledger";
import { FINES_UM, type FinesUm } from "@/core/settling";
import { Choice } from "@/ui";
import { FINES_SPARE, plainly } from "@/ui/words";
import { Mark, rounded } from "./Mark";

interface Props {
  readonly settings: Settings;
  readonly onSet: (data: Partial<Settings>) => void;
}

/** What is wet and how big a drop is: what the settling bench judges by. The heater's marks stand where one warms. */
export function SettleMarks({ settings, onSet }: Props) {
  return (
    <section aria-labelledby="settle-marks" className="my-6 max-w-[720px]">
      <h2 id="settle-marks" className="text-xl">
        Settling
      </h2>
      <div className="mt-2">
        <Choice
          label="Ready once fines are gone of"
          value={String(settings.readyFinesUm)}
          onChange={(um) => onSet({ readyFinesUm: Number(um) as FinesUm })}
          options={[...FINES_UM].reverse().map((um) => ({
            value: String(um),
            name: `${um} µm`,
            detail: FINES_SPARE[um],
          }))}
        />
      </div>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        <Mark
          label="Wet above, water by weight"
          typed={plainly("%")}
          hint="0.1 spits in a pan; 0.075 is a usual mark for straight oil"
          value={rounded(settings.waterLimitShare * 100)}
          onSet={(percent) => onSet({ waterLimitShare: percent / 100 })}
          min={0.005}
          max={5}
        />
        <Mark
          label="A hundred drops of the trickle are"
          typed={plainly("mL")}
          hint="Count them into a measure once"
          value={rounded(settings.dropMillilitres * 100)}
          onSet={(ml) => onSet({ dropMillilitres: ml / 100 })}
          min={0.5}
          max={50}
        />
      </div>
    </section>
  );
}
