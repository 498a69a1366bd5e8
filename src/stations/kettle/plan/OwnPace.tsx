"use client";
import { useState } from "react";
import type { WashWay } from "@/core/kettle";
import { type PRESETS, WASH_WAYS } from "@/core/kettle";
import { parsePlain } from "@/core/units";
import { NumberField, type NumberInput, useAmount, useNumber, useUnits } from "@/desk";
import { Choice } from "@/ui";
import { WASH_WORDS } from "@/ui/words/kettle";

type Preset = (typeof PRESETS)["patient"];
type Lengths = Pick<Preset, "holdCelsius" | "mixMinutes" | "settleHours" | "wash">;

export interface OwnPaceForm {
  readonly hold: NumberInput;
  readonly mix: NumberInput;
  readonly settle: NumberInput;
  readonly times: NumberInput;
  readonly water: NumberInput;
  readonly vinegar: NumberInput;
  readonly how: WashWay;
  setHow(how: WashWay): void;
  /** As it is set; what cannot be stays as it was opened. */
  readonly lengths: Lengths;
  /** Says at its field what cannot be. */
  isComplete(): boolean;
}

/** Every length of a batch as its owner sets it, from the patient one on. */
export function useOwnPace(first: Lengths): OwnPaceForm {
  const units = useUnits();
  const hold = useAmount(units.temperature, first.holdCelsius);
  const mix = useAmount(units.duration, first.mixMinutes);
  const settle = useNumber(String(first.settleHours), parsePlain);
  const times = useNumber(String(first.wash.times), parsePlain);
  const water = useNumber(String(first.wash.waterShare * 100), parsePlain);
  const vinegar = useNumber(String(first.wash.vinegarMlPerL), parsePlain);
  const [how, setHow] = useState<WashWay>(first.wash.how);
  const ranges: readonly (readonly [NumberInput, number, number, string])[] = [
    [hold, 20, 64, `Between ${units.celsius(20)} and ${units.celsius(64)}: above it methanol boils off.`],
    [mix, 1, 1440, "Between a minute and a day."],
    [settle, 0.5, 500, "Between half an hour and 500 hours."],
    [times, 0, 12, "Up to 12, in whole washes."],
    [water, 0, 100, "Between 0 and 100 %."],
    [vinegar, 0, 100, "Between 0 and 100 mL."],
  ];
  const good = ([f, min, max]: (typeof ranges)[number]): boolean =>
    f.value !== null && f.value >= min && f.value <= max;
  const value = (i: number, otherwise: number): number => {
    const range = ranges[i];
    return range && good(range) ? (range[0].value ?? otherwise) : otherwise;
  };
  return {
    ...{ hold, mix, settle, times, water, vinegar, how, setHow },
    lengths: {
      holdCelsius: value(0, first.holdCelsius),
      mixMinutes: value(1, first.mixMinutes),
      settleHours: value(2, first.settleHours),
      wash: {
        how,
        times: Math.round(value(3, first.wash.times)),
        waterShare: value(4, first.wash.waterShare * 100) / 100,
        vinegarMlPerL: value(5, first.wash.vinegarMlPerL),
      },
    },
    isComplete() {
      const wrong = ranges.find((r) => !good(r));
      wrong?.[0].refuse(wrong[3]);
      return wrong === undefined;
    },
  };
}

export function OwnPace({ form }: { form: OwnPaceForm }) {
  return (
    <div className="mt-2 grid grid-cols-2 gap-2 md:grid-cols-3">
      <NumberField label="Hold at" of={form.hold} />
      <NumberField label="Mix for" of={form.mix} />
      <NumberField label="Settle for" of={form.settle} suffix="h" />
      <NumberField label="Washes" of={form.times} />
      <NumberField label="Water each time, of the fuel" of={form.water} suffix="%" />
      <NumberField label="Vinegar in the first, a litre" of={form.vinegar} suffix="mL" />
      <div className="col-span-full">
        <Choice
          label="Washed by"
          options={WASH_WAYS.map((w) => ({ value: w, ...WASH_WORDS[w] }))}
          value={form.how}
          onChange={(w) => form.setHow(w as WashWay)}
        />
      </div>
    </div>
  );
}
