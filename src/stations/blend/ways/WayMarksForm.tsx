"use client";
import { useState } from "react";
import type { WayMarks } from "@/core/costs";
import { useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, TextField } from "@/ui";
import { plainly, type Typed, type Units } from "@/ui/words";

interface Mark {
  readonly key: keyof WayMarks;
  readonly label: string;
  readonly most: number;
  readonly typed: (u: Units) => Typed;
}

const hours = (key: keyof WayMarks, label: string): Mark => ({
  key,
  label: `Hours for a hundred, ${label}`,
  most: 200,
  typed: (u) => ({ ...u.pricePerLitre, unit: `h for 100 ${u.volume.unit}` }),
});
const waste = (key: keyof WayMarks, label: string): Mark => ({
  key,
  label: `Waste of the oil, ${label}`,
  most: 0.9,
  typed: (u) => u.share,
});
const money = (key: keyof WayMarks, label: string, each = true): Mark => ({
  key,
  label,
  most: 1e6,
  typed: (u) => (each ? u.pricePerLitre : u.price),
});

/** What each way takes, in the owner's own experience; every one a start value until changed. */
const MARKS: readonly Mark[] = [
  hours("blendHoursPer100L", "thinned"),
  hours("petrolHoursPer100L", "with petrol"),
  hours("heatedHoursPer100L", "heated"),
  hours("biodieselHoursPer100L", "biodiesel"),
  waste("blendWasteShare", "thinned"),
  waste("petrolWasteShare", "with petrol"),
  waste("heatedWasteShare", "heated"),
  waste("biodieselWasteShare", "biodiesel"),
  { key: "biodieselDays", label: "Days for biodiesel", most: 90, typed: () => plainly("days") },
  money("bagsPerLitre", "Bags, a litre of oil"),
  money("disposalPerLitre", "Disposal, a litre of waste"),
  money("reagentsPerLitre", "Methanol and lye, a litre of biodiesel"),
  { key: "biodieselKwhPerLitre", label: "Power, a litre of biodiesel", most: 10, typed: () => plainly("kWh") },
  money("secondTankCost", "A second tank costs", false),
  { key: "secondTankLitres", label: "and is written off over", most: 1e6, typed: (u) => u.volume },
  { key: "heatedDieselShare", label: "Diesel to start and purge on", most: 0.9, typed: (u) => u.share },
  { key: "co2KgPerDieselLitre", label: "CO₂ of a litre of diesel", most: 5, typed: () => plainly("kg") },
];

export function WayMarksForm() {
  const { view } = useYard();
  const units = useUnits();
  const note = useNote();
  const { wayMarks: kept, wagePerHour: wage } = view.settings;
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const [wageText, setWage] = useState<string | null>(null);
  const read = (m: Mark): number | null => {
    const text = texts[m.key];
    if (text === undefined) return kept[m.key];
    const parsed = m.typed(units).parse(text);
    const least = m.key === "secondTankLitres" ? 1 : 0;
    return parsed.ok && parsed.value >= least && parsed.value <= m.most ? parsed.value : null;
  };
  const wageRead = wageText === null ? wage : readWage(units, wageText);
  const values = MARKS.map((m) => [m.key, read(m)] as const);
  const isWhole = values.every(([, v]) => v !== null) && wageRead !== null;
  const isNew = values.some(([key, v]) => v !== kept[key]) || wageRead !== wage;
  const keep = (): void => {
    if (!isWhole) return;
    const wayMarks = Object.fromEntries(values) as unknown as typeof kept;
    const wagePerHour = wageRead;
    note({ kind: "settings", data: { wayMarks, wagePerHour } }, "Noted.");
  };
  return (
    <details className="mt-4">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[18px] font-semibold">
        What each way takes, with you
      </summary>
      <div className="flex flex-col gap-2">
        <TextField
          label="Your hour is worth"
          value={wageText ?? units.price.text(wage)}
          onChange={setWage}
          error={wageRead === null ? "From 0 up." : undefined}
          decimal
          suffix={units.price.unit}
        />
        {MARKS.map((m) => {
          const typed = m.typed(units);
          return (
            <TextField
              key={m.key}
              label={m.label}
              value={texts[m.key] ?? typed.text(kept[m.key])}
              onChange={(t) => setTexts({ ...texts, [m.key]: t })}
              error={read(m) === null ? `Between 0 and ${typed.text(m.most)}.` : undefined}
              decimal
              suffix={typed.unit}
            />
          );
        })}
        <Button look="go" disabled={!isWhole || !isNew} onClick={keep}>
          Keep these
        </Button>
      </div>
    </details>
  );
}

function readWage(units: Units, text: string): number | null {
  const parsed = units.price.parse(text);
  return parsed.ok && parsed.value >= 0 && parsed.value <= 1e6 ? parsed.value : null;
}
