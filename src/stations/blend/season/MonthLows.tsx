"use client";
import { useState } from "react";
import { useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, TextField } from "@/ui";
import { MONTHS } from "@/ui/words/months";

const COLDEST = -40;
const WARMEST = 60;

/** The coldest night to expect of each month, by its owner. */
export function MonthLows() {
  const { view } = useYard();
  const units = useUnits();
  const note = useNote();
  const { nightMonthsCelsius: kept } = view.settings;
  const [texts, setTexts] = useState<readonly string[]>(() => kept.map((c) => units.temperature.text(c)));
  const read = texts.map((t, i) => {
    // Left as it was opened it is what it was, to the last decimal.
    if (t === units.temperature.text(kept[i] ?? 0)) return kept[i] ?? null;
    const parsed = units.temperature.parse(t);
    return parsed.ok && parsed.value >= COLDEST && parsed.value <= WARMEST ? parsed.value : null;
  });
  const nightMonthsCelsius = read.flatMap((c) => (c === null ? [] : [c]));
  const isNew = nightMonthsCelsius.some((c, i) => c !== kept[i]);
  return (
    <>
      <h2 className="text-xl">Your coldest nights</h2>
      <p className="text-[14px] text-ink-2">
        The coldest night to expect of each month, where the vehicles stand. Look it up once, or remember the worst.
      </p>
      <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1">
        {MONTHS.map((month, i) => (
          <TextField
            key={month}
            label={month}
            value={texts[i] ?? ""}
            onChange={(t) => setTexts(texts.map((old, j) => (j === i ? t : old)))}
            error={read[i] === null ? "A temperature, please." : undefined}
            suffix={units.temperature.unit}
          />
        ))}
      </div>
      <Button
        wide
        look="go"
        className="mt-3"
        disabled={nightMonthsCelsius.length < MONTHS.length || !isNew}
        onClick={() => note({ kind: "settings", data: { nightMonthsCelsius } }, "Noted.")}
      >
        Keep these
      </Button>
    </>
  );
}
