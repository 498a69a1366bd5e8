"use client";
import { useState } from "react";
import { usualNights } from "@/core/ledger/usualYear";
import { useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, TextField } from "@/ui";
import { MONTHS } from "@/ui/words/months";

/** Rough places to start the months from where the yard has no coordinates. */
const STARTS = [
  { name: "Far north", latitude: 60 },
  { name: "North", latitude: 50 },
  { name: "Warm north", latitude: 36 },
  { name: "Tropics", latitude: 0 },
  { name: "Warm south", latitude: -32 },
  { name: "Cool south", latitude: -43 },
] as const;

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
  const startFrom = (latitude: number): void => setTexts(usualNights(latitude).map((c) => units.temperature.text(c)));
  return (
    <>
      <h2 className="text-xl">Your coldest nights</h2>
      <p className="text-[14px] text-ink-2">
        The coldest night to expect of each month, where the vehicles stand. Look it up once, or remember the worst.
      </p>
      {view.weather.nightsBy === "owner" ? null : (
        <div role="note" className="mt-2 border-l-4 border-due bg-panel px-3 py-2 text-[14px]">
          <p>
            {view.weather.nightsBy === "home"
              ? "Nobody has said them yet: these are usual for the latitude of your yard, near the sea. Inland it gets colder."
              : "Nobody has said them yet: these are a mild northern year. Start from where you are:"}
          </p>
          {view.weather.nightsBy === "home" ? null : (
            <div className="mt-1 flex flex-wrap gap-2">
              {STARTS.map(({ name, latitude }) => (
                <Button key={name} look="quiet" onClick={() => startFrom(latitude)}>
                  {name}
                </Button>
              ))}
            </div>
          )}
        </div>
      )}
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
        disabled={nightMonthsCelsius.length < MONTHS.length || (!isNew && view.weather.nightsBy === "owner")}
        onClick={() => note({ kind: "settings", data: { nightMonthsCelsius } }, "Noted.")}
      >
        Keep these
      </Button>
    </>
  );
}
