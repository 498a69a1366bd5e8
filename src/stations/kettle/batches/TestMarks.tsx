"use client";
import { useState } from "react";
import { FUEL_TESTS, type FuelTest } from "@/core/kettle";
import { parsePlain } from "@/core/units";
import { NumberField, type NumberInput, useNote, useNumber } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { FUEL_TEST_WORDS } from "@/ui/words/kettle";

/** What a batch is asked before it is fuel: the owner's own marks, and which tests are needed at all. */
export function TestMarks() {
  const { fuelTests: m, acidStageAbovePct } = useYard().view.settings;
  const note = useNote();
  const [needed, setNeeded] = useState<readonly FuelTest[]>(m.needed);
  const undissolved = useNumber(String(Math.round(m.undissolvedShare * 1000) / 10), parsePlain);
  const soap = useNumber(String(m.soapPpm), parsePlain);
  const water = useNumber(String(m.waterPpm), parsePlain);
  const phFrom = useNumber(String(m.phFrom), parsePlain);
  const phTo = useNumber(String(m.phTo), parsePlain);
  const rhoFrom = useNumber(String(m.rho15FromKgPerL), parsePlain);
  const rhoTo = useNumber(String(m.rho15ToKgPerL), parsePlain);
  const acid = useNumber(String(m.acidNumber), parsePlain);
  const stage = useNumber(String(acidStageAbovePct), parsePlain);
  const fields: readonly (readonly [NumberInput, string, string, number, number])[] = [
    [undissolved, "May fall out of methanol", "%", 0, 100],
    [soap, "Soap, at most", "ppm", 1, 100_000],
    [water, "Water, at most", "ppm", 10, 100_000],
    [phFrom, "pH from", "", 1, 14],
    [phTo, "pH to", "", 1, 14],
    [rhoFrom, "Density from", "kg/L", 0.7, 1.1],
    [rhoTo, "Density to", "kg/L", 0.7, 1.1],
    [acid, "Acid number, at most", "mg KOH/g", 0.05, 50],
    [stage, "Acid stage above", "% free acid", 0.5, 20],
  ];
  const keep = (): void => {
    const wrong = fields.find(([f, , , min, max]) => f.value === null || f.value < min || f.value > max);
    if (wrong) wrong[0].refuse(`Between ${wrong[3]} and ${wrong[4]}.`);
    else if ((phFrom.value ?? 0) > (phTo.value ?? 0)) phTo.refuse("More than where it begins.");
    else if ((rhoFrom.value ?? 0) > (rhoTo.value ?? 0)) rhoTo.refuse("More than where it begins.");
    else
      note(
        {
          kind: "settings",
          data: {
            acidStageAbovePct: stage.value ?? acidStageAbovePct,
            fuelTests: {
              undissolvedShare: (undissolved.value ?? 0) / 100,
              soapPpm: soap.value ?? m.soapPpm,
              waterPpm: water.value ?? m.waterPpm,
              phFrom: phFrom.value ?? m.phFrom,
              phTo: phTo.value ?? m.phTo,
              rho15FromKgPerL: rhoFrom.value ?? m.rho15FromKgPerL,
              rho15ToKgPerL: rhoTo.value ?? m.rho15ToKgPerL,
              acidNumber: acid.value ?? m.acidNumber,
              needed: [...needed],
            },
          },
        },
        "Your marks are kept. What was judged before keeps its word.",
      );
  };
  return (
    <details className="mt-3 rounded-md border border-rule bg-card px-3 text-[15px]">
      <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
        What fuel must pass
      </summary>
      <fieldset>
        <legend className="text-[14px] text-ink-2">A batch needs</legend>
        {FUEL_TESTS.map((t) => (
          <label key={t} className="flex min-h-[var(--target)] cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="h-5 w-5 accent-go"
              checked={needed.includes(t)}
              onChange={(e) => setNeeded(e.target.checked ? [...needed, t] : needed.filter((n) => n !== t))}
            />
            {FUEL_TEST_WORDS[t]}
          </label>
        ))}
      </fieldset>
      <div className="grid grid-cols-2 gap-2">
        {fields.map(([of, label, suffix]) => (
          <NumberField key={label} label={label} of={of} suffix={suffix} />
        ))}
      </div>
      <Button className="my-2" onClick={keep}>
        Keep the marks
      </Button>
    </details>
  );
}
