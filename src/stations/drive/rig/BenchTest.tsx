"use client";
import { useState } from "react";
import type { Rig } from "@/core/driving/rig";
import type { VehicleState } from "@/core/ledger";
import { RIG_TEST_ITEMS } from "@/core/ledger/words";
import { LogStep, NumberField, useAmount, useUnits } from "@/desk";
import { type Answer, AnswerList, Caution } from "@/ui";
import { fullDay } from "@/ui/words";

type Item = keyof typeof RIG_TEST_ITEMS;
const ITEMS = Object.keys(RIG_TEST_ITEMS) as Item[];

/** The loop tried before it runs an engine: two jars, breath through the valves, no dry heat. Kept with the vehicle. */
export function BenchTest({ state, rig }: { state: VehicleState; rig: Rig }) {
  const units = useUnits();
  const { vehicle, rigTest } = state;
  const [answers, setAnswers] = useState<Readonly<Partial<Record<Item, Answer>>>>(known(state));
  const [wrong, setWrong] = useState<string>();
  const trip = useAmount(units.temperature, rigTest?.tripCelsius ?? null);
  const reset = useAmount(units.temperature, rigTest?.resetCelsius ?? null);
  const hasThermostat = rig.controls.some((c) => c.thermostat !== undefined);
  const missing = ITEMS.filter((i) => answers[i] === undefined);
  const bad = ITEMS.filter((i) => answers[i] === "no");
  return (
    <div className="mt-3 max-w-[760px]">
      <p className="text-[15px] text-ink-2">
        {rigTest ? `Tested ${fullDay(rigTest.at)}.` : "Not tested yet."} Line pulled off at the injection pump, two jars
        under it, one pump at a time.
      </p>
      <div className="my-2">
        <Caution>
          Engine off and cold, nothing that sparks, a catch under every joint. Coolant scalds: open nothing that is
          warm. What the maker and local rules say of fuel lines goes before this card.
        </Caution>
      </div>
      <AnswerList
        items={RIG_TEST_ITEMS}
        answers={answers}
        onAnswer={(item, answer) => {
          setAnswers({ ...answers, [item]: answer });
          setWrong(undefined);
        }}
      />
      {hasThermostat ? (
        <div className="mt-2 grid max-w-[420px] grid-cols-2 gap-2">
          <NumberField label="Turns to oil at, in warm water" of={trip} />
          <NumberField label="Turns back at" of={reset} />
        </div>
      ) : null}
      {bad.length > 0 ? (
        <div className="mt-2">
          <Caution>
            Put right before the engine is started: {bad.map((i) => lower(RIG_TEST_ITEMS[i])).join("; ")}.
          </Caution>
        </div>
      ) : null}
      {wrong ? <p className="mt-2 text-stop">{wrong}</p> : null}
      <LogStep
        draft={{
          kind: "rig-test",
          data: {
            vehicle: vehicle.id,
            checks: { ...answers },
            ...(trip.value !== null && { tripCelsius: trip.value }),
            ...(reset.value !== null && { resetCelsius: reset.value }),
          },
        }}
        said={`${vehicle.name}'s loop is tested.`}
        action="Keep it with the vehicle"
        isComplete={() => {
          if (missing.length > 0)
            setWrong(`Not answered yet: ${missing.map((i) => lower(RIG_TEST_ITEMS[i])).join("; ")}.`);
          const isBackwards = trip.value !== null && reset.value !== null && reset.value >= trip.value;
          if (isBackwards) reset.refuse("It must turn back cooler than it turns to oil, or it chatters.");
          return missing.length === 0 && !isBackwards;
        }}
      />
    </div>
  );
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

const known = ({ rigTest }: VehicleState): Partial<Record<Item, Answer>> =>
  Object.fromEntries(Object.entries(rigTest?.checks ?? {}).filter(([, a]) => a !== undefined));
