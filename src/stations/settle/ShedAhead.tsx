"use client";
import { useState } from "react";
import { NumberField, useAmount, useNote, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Choice, TextField } from "@/ui";
import { shedBy } from "@/ui/words/weather";

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;

type Ahead = "held" | "typed" | "year";

/** What the shed is expected to do from now on: what every settling forecast rests on. */
export function ShedAhead() {
  const { settings, weather, at } = useYard().view;
  const units = useUnits();
  const note = useNote();
  const typed = useAmount(units.temperature, settings.shedAheadCelsius);
  const [texts, setTexts] = useState(() => settings.shedMonthsCelsius.map((c) => units.temperature.text(c)));
  const [problem, setProblem] = useState<{ month: number } | null>(null);
  const choose = (shedAhead: Ahead): void =>
    note({ kind: "settings", data: { shedAhead } }, "Forecasts use it from now on.");
  const setTyped = (): void => {
    if (typed.value === null || typed.value < -40 || typed.value > 60) {
      typed.refuse(`A temperature between ${units.celsius(-40)} and ${units.celsius(60)}.`);
      return;
    }
    note(
      { kind: "settings", data: { shedAhead: "typed", shedAheadCelsius: typed.value } },
      `Forecasts take ${units.celsius(typed.value)} from now on.`,
    );
  };
  const setMonths = (): void => {
    const months: number[] = [];
    for (const [month, text] of texts.entries()) {
      const c = units.temperature.parse(text);
      if (!c.ok || c.value < -40 || c.value > 60) {
        setProblem({ month });
        return;
      }
      months.push(c.value);
    }
    setProblem(null);
    note({ kind: "settings", data: { shedAhead: "year", shedMonthsCelsius: months } }, "The year curve is kept.");
  };
  return (
    <section aria-labelledby="ahead-title">
      <h2 id="ahead-title" className="text-xl">
        The shed from now on
      </h2>
      <p className="text-[14px] text-ink-2">
        {weather.shed === null
          ? `Nobody has looked yet: it is taken as ${units.celsius(settings.shedCelsius)}. What you log counts from then on, and changes nothing behind it.`
          : `Behind today count the temperatures you logged, the last ${units.celsius(settings.shedCelsius, 1)}, ${shedBy(weather, at)}.`}
      </p>
      <div className="mt-1">
        <Choice
          label="Ahead"
          options={[
            { value: "held", name: "Stays", detail: "as last logged" },
            { value: "typed", name: "Typed", detail: "one temperature" },
            { value: "year", name: "Year curve", detail: "monthly means" },
          ]}
          value={settings.shedAhead}
          onChange={(v) => choose(v as Ahead)}
        />
      </div>
      {settings.shedAhead === "typed" ? (
        <div className="mt-2 flex items-end gap-2">
          <NumberField label="It will be" of={typed} />
          <Button onClick={setTyped}>Use it</Button>
        </div>
      ) : null}
      {settings.shedAhead === "year" ? (
        <>
          <div className="mt-2 grid grid-cols-3 gap-2">
            {MONTHS.map((name, i) => (
              <TextField
                key={name}
                label={name}
                value={texts[i] ?? ""}
                onChange={(t) => setTexts((all) => all.map((old, j) => (j === i ? t : old)))}
                error={problem?.month === i ? `${units.celsius(-40)} to ${units.celsius(60)}` : undefined}
                decimal
              />
            ))}
          </div>
          <Button wide className="mt-2" onClick={setMonths}>
            Keep the year curve
          </Button>
        </>
      ) : null}
    </section>
  );
}
