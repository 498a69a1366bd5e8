"use client";
import { useState } from "react";
import { FUEL_TESTS, type FuelTest, isWithin, neededTests } from "@/core/kettle";
import type { BatchState, Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { LogStep, NumberField } from "@/desk";
import { useYard } from "@/store";
import { Choice, SelectField } from "@/ui";
import { FUEL_TEST_WORDS, markOf, readWords, TEST_WORDS } from "@/ui/words/kettle";
import { useTestValue } from "./useTestValue";

interface Props {
  readonly batch: BatchState;
  readonly vessel: VesselView;
  readonly first?: FuelTest | undefined;
}

/** Every test with its mark, what was read, what a fail means; and the next to be made. */
export function TestForm({ batch, vessel, first }: Props) {
  const { view } = useYard();
  const [chosen, setChosen] = useState<FuelTest | null>(null);
  const marks = view.settings.fuelTests;
  const needed = neededTests(
    marks,
    batch.washes.some((w) => w.vinegarMl > 0),
  );
  const test = chosen ?? first ?? "soap";
  return (
    <section aria-label="Tests" className="mt-3">
      <ul>
        {FUEL_TESTS.filter((t) => needed.includes(t) || batch.tests.some((r) => r.test === t)).map((t) => {
          const last = batch.tests.findLast((r) => r.test === t);
          const ok = last !== undefined && isWithin(last, marks);
          return (
            <li key={t} className="border-t border-rule py-1.5 text-[15px]">
              <b>{FUEL_TEST_WORDS[t]}</b>: {markOf(t, marks)}.{" "}
              <b className={last === undefined ? "" : ok ? "text-go" : "text-stop"}>
                {last === undefined ? "not tested" : `${readWords(t, last.value)}: ${ok ? "passed" : "failed"}`}
              </b>
              {last !== undefined && !ok ? <span className="block">{TEST_WORDS[t].fails}</span> : null}
            </li>
          );
        })}
      </ul>
      <SelectField
        label="Make a test"
        value={test}
        options={FUEL_TESTS.map((t) => ({ value: t, name: FUEL_TEST_WORDS[t] }))}
        onChange={(t) => setChosen(t as FuelTest)}
      />
      <OneTest
        key={`${test} ${batch.tests.length}`}
        test={test}
        batch={batch}
        vessel={vessel}
        onDone={() => setChosen(null)}
      />
    </section>
  );
}

function OneTest({
  test,
  batch,
  vessel,
  onDone,
}: {
  test: FuelTest;
  batch: BatchState;
  vessel: VesselView;
  onDone: () => void;
}) {
  const { view } = useYard();
  const input = useTestValue(test, batch.batch.recipe.base);
  const [jar, setJar] = useState("");
  const [wrong, setWrong] = useState<string>();
  const value = test === "cold-jar" ? (jar === "" ? null : jar === "clear" ? 1 : 0) : input.value;
  const draft: Draft | null =
    value === null
      ? null
      : {
          kind: "fuel-test",
          data: {
            batch: batch.batch.id,
            vessel: vessel.vessel.id,
            test,
            value,
            ...(input.read && { read: input.read }),
          },
        };
  return (
    <>
      <p className="text-[14px] text-ink-2">{TEST_WORDS[test].how}</p>
      {test === "cold-jar" ? (
        <Choice
          label="It came out"
          narrow
          options={[
            { value: "clear", name: "Clear" },
            { value: "cloudy", name: "Cloudy or set" },
          ]}
          value={jar}
          onChange={(j) => {
            setJar(j);
            setWrong(undefined);
          }}
          error={wrong}
        />
      ) : (
        <div className="mt-1 grid grid-cols-2 gap-2">
          {input.fields.map((f) => (
            <NumberField key={f.label} label={f.label} of={f.of} suffix={f.suffix} />
          ))}
        </div>
      )}
      {value === null || test === "cold-jar" ? null : (
        <p
          className={`mt-1 font-plate text-[18px] font-semibold ${isWithin({ test, value }, view.settings.fuelTests) ? "text-go" : "text-stop"}`}
        >
          {readWords(test, value)}
        </p>
      )}
      <LogStep
        draft={draft}
        look="plain"
        said={`${FUEL_TEST_WORDS[test]}: ${value === null ? "" : readWords(test, value)}.`}
        action="Log the test"
        isComplete={() => {
          if (value !== null) return true;
          if (test === "cold-jar") setWrong("How did it come out?");
          else
            (input.fields.find((f) => f.of.value === null) ?? input.fields[1] ?? input.fields[0])?.of.refuse(
              "That cannot be, or is missing.",
            );
          return false;
        }}
        onDone={onDone}
      />
    </>
  );
}
