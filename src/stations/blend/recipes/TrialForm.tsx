"use client";
import { useState } from "react";
import type { Draft, RecipeState, Rung } from "@/core/ledger";
import { asVehicleId } from "@/core/ledger/named";
import { COLD_JAR_WORDS, RUNG_WORDS, RUNGS, TRIAL_MARK_WORDS } from "@/core/ledger/words";
import { cardOf, ladderOf } from "@/core/readings/blend/recipes";
import { parsePlain } from "@/core/units";
import { LogStep, NumberField, useAmount, useNumber, useUnits } from "@/desk";
import { useYard } from "@/store";
import { AreaField, Caution, Choice, SelectField } from "@/ui";
import { CARD_LINES, type CardLine, VERDICTS } from "./words";

type Mark = keyof typeof TRIAL_MARK_WORDS;

const HOW: Readonly<Record<Rung, string>> = {
  jar: "Mix a jar by the shares. Leave it a day on the sill, or a night in the cold, and hold it to the light.",
  litre: "Mix a litre, let it stand a day, drain what fell out, and pour it through the finest bag.",
  stove: "A vaporising stove or burner, outdoors: watch the flame and the smoke. It says nothing of a pump.",
  "old-engine": "An engine that may spoil: from its own can, and a run long enough to be warm.",
  "good-engine": "Only once the others went well. Keep a can of diesel by, to flush it.",
};

/** A recipe tried on one rung: filled in where it was seen, and kept with the recipe. */
export function TrialForm({ state }: { state: RecipeState }) {
  const { view } = useYard();
  const units = useUnits();
  const { next } = ladderOf(state);
  const [rung, setRung] = useState<Rung>(next ?? "good-engine");
  const [vehicle, setVehicle] = useState("");
  const hours = useNumber("24", parsePlain);
  const celsius = useAmount(units.temperature, view.settings.shedCelsius);
  const [saw, setSaw] = useState("");
  const [card, setCard] = useState<Partial<Record<CardLine, Mark>>>({});
  const [verdict, setVerdict] = useState("");
  const [note, setNote] = useState("");
  const [wrong, setWrong] = useState<string>();
  const lines = cardOf(rung);
  const engines = view.vehicles.filter((v) => (rung === "old-engine") === (v.vehicle.isTryOut === true));
  const isEngine = rung === "old-engine" || rung === "good-engine";
  const filled = Object.fromEntries(Object.entries(card).filter(([line]) => lines.includes(line as CardLine)));
  const draft: Draft | null =
    verdict === ""
      ? null
      : {
          kind: "trial",
          data: {
            recipe: state.recipe.id,
            rung,
            ...(isEngine && vehicle !== "" && { vehicle: asVehicleId(vehicle) }),
            ...(rung === "jar" &&
              saw !== "" && {
                jar: {
                  hours: hours.value ?? 24,
                  celsius: celsius.value ?? 15,
                  saw: saw as keyof typeof COLD_JAR_WORDS,
                },
              }),
            ...(Object.keys(filled).length > 0 && { card: filled }),
            verdict: verdict as keyof typeof VERDICTS,
            ...(note.trim() !== "" && { note: note.trim() }),
          },
        };
  const isComplete = (): boolean => {
    const open = lines.filter((l) => card[l] === undefined);
    const missing =
      rung === "jar" && saw === ""
        ? "How did the jar come out?"
        : open.length > 0
          ? `Still open: ${open.map((l) => CARD_LINES[l].toLowerCase()).join(", ")}.`
          : verdict === ""
            ? "And all in all?"
            : undefined;
    setWrong(missing);
    return missing === undefined;
  };
  return (
    <>
      <h2 className="text-xl">Try it</h2>
      <Choice
        label="In"
        narrow
        options={RUNGS.map((r) => ({ value: r, name: RUNG_WORDS[r], ...(r === next && { detail: "next" }) }))}
        value={rung}
        onChange={(r) => {
          setRung(r as Rung);
          setWrong(undefined);
        }}
      />
      <p className="mt-2 text-[15px]">{HOW[rung]}</p>
      {rung === "good-engine" && next !== null ? (
        <div className="mt-2">
          <Caution>It has not climbed the ladder yet. Whatever you burn in a good engine is your own risk.</Caution>
        </div>
      ) : null}
      <div className="mt-2 flex flex-col gap-3">
        {isEngine && engines.length > 0 ? (
          <SelectField
            label="Which"
            value={vehicle}
            options={[
              { value: "", name: "Another one" },
              ...engines.map((e) => ({ value: e.vehicle.id, name: e.vehicle.name })),
            ]}
            onChange={setVehicle}
          />
        ) : null}
        {rung === "jar" ? (
          <>
            <NumberField label="It stood for" of={hours} suffix="h" />
            <NumberField label="Where it stood it was" of={celsius} />
            <Choice
              label="It came out"
              options={Object.entries(COLD_JAR_WORDS).map(([value, name]) => ({ value, name }))}
              value={saw}
              onChange={setSaw}
            />
          </>
        ) : null}
        {lines.map((line) => (
          <Choice
            key={line}
            label={CARD_LINES[line]}
            narrow
            options={Object.entries(TRIAL_MARK_WORDS).map(([value, name]) => ({ value, name }))}
            value={card[line] ?? ""}
            onChange={(mark) => setCard({ ...card, [line]: mark as Mark })}
          />
        ))}
        <Choice
          label="All in all"
          narrow
          options={Object.entries(VERDICTS).map(([value, name]) => ({ value, name }))}
          value={verdict}
          onChange={setVerdict}
        />
        <AreaField label="Note, if you like" value={note} onChange={setNote} />
      </div>
      {wrong ? (
        <p role="alert" className="mt-2 text-stop">
          {wrong}
        </p>
      ) : null}
      <LogStep
        draft={draft}
        said={`${RUNG_WORDS[rung]} of ${state.recipe.name} is on its card.`}
        action="Put it on the card"
        isComplete={isComplete}
      />
    </>
  );
}
