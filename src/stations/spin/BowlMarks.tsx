"use client";
import { useState } from "react";
import type { Settings } from "@/core/ledger";
import { parsePlain } from "@/core/units";
import { useNote } from "@/desk";
import { useYard } from "@/store";
import { Button, TextField } from "@/ui";

type Key = keyof Settings["centrifuge"];

const FIELDS: readonly { key: Key; name: string; unit: string; least: number; most: number; times?: number }[] = [
  { key: "outerRadiusMm", name: "Wall, from the middle", unit: "mm", least: 5, most: 500 },
  { key: "innerRadiusMm", name: "Weir, from the middle", unit: "mm", least: 1, most: 499 },
  { key: "lengthMm", name: "Long", unit: "mm", least: 10, most: 2000 },
  { key: "rpm", name: "Turns a minute", unit: "rpm", least: 100, most: 50_000 },
  { key: "celsius", name: "Fed at", unit: "°C", least: 0, most: 95 },
  { key: "cutUm", name: "Down to", unit: "µm", least: 0.5, most: 100 },
  { key: "efficiency", name: "Of what it should do", unit: "%", least: 5, most: 100, times: 100 },
];

/** The owner's bowl, and what is asked of it. */
export function BowlMarks() {
  const { settings } = useYard().view;
  const note = useNote();
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(
      FIELDS.map((f) => [f.key, String(Math.round(settings.centrifuge[f.key] * (f.times ?? 1) * 100) / 100)]),
    ),
  );
  const [errors, setErrors] = useState<Record<string, string>>({});
  const keep = (): void => {
    const found: Record<string, string> = {};
    const marks = { ...settings.centrifuge };
    for (const f of FIELDS) {
      const n = parsePlain(texts[f.key] ?? "");
      if (!n.ok || n.value < f.least || n.value > f.most) found[f.key] = `Between ${f.least} and ${f.most} ${f.unit}.`;
      else marks[f.key] = n.value / (f.times ?? 1);
    }
    if (Object.keys(found).length === 0 && marks.innerRadiusMm >= marks.outerRadiusMm)
      found.innerRadiusMm = "The weir lies inside the wall.";
    setErrors(found);
    if (Object.keys(found).length === 0) note({ kind: "settings", data: { centrifuge: marks } }, "Your bowl is kept.");
  };
  return (
    <section aria-labelledby="bowl-title" className="mt-3 max-w-[520px]">
      <h2 id="bowl-title" className="text-lg">
        Your bowl
      </h2>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {FIELDS.map((f) => (
          <TextField
            key={f.key}
            label={f.name}
            value={texts[f.key] ?? ""}
            onChange={(t) => setTexts((all) => ({ ...all, [f.key]: t }))}
            error={errors[f.key]}
            decimal
            suffix={f.unit}
          />
        ))}
      </div>
      <Button className="mt-2" onClick={keep}>
        Keep these marks
      </Button>
    </section>
  );
}
