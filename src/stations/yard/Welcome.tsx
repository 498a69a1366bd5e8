"use client";
import Link from "next/link";
import { type FormEvent, useState } from "react";
import type { Settings } from "@/core/ledger";
import { asSourceId, asVesselId } from "@/core/ledger/named";
import { VESSEL_LOOKS } from "@/core/vessels";
import { NumberField, useAmount, useNote, useTell, useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass, Choice, TextField } from "@/ui";
import { nextName } from "./nextName";
import { PRESETS, presetOptions } from "./presets";

/** What most people begin with. */
const CONTAINERS = ["jerrycan", "pail", "drum"].flatMap((key) => PRESETS.find((p) => p.key === key) ?? []);

/** All of a country's units at once; each can be changed by itself in the Shed. */
const COUNTRIES: readonly { name: string; detail: string; data: Partial<Settings> }[] = [
  {
    name: "Metric",
    detail: "L, °C, mm, km",
    data: {
      volumeUnit: "l",
      temperatureUnit: "c",
      lengthUnit: "mm",
      distanceUnit: "km",
      massUnit: "kg",
      pressureUnit: "bar",
    },
  },
  {
    name: "US",
    detail: "gal, °F, in, miles",
    data: {
      volumeUnit: "gal",
      temperatureUnit: "f",
      lengthUnit: "in",
      distanceUnit: "mi",
      massUnit: "lb",
      pressureUnit: "psi",
    },
  },
  {
    name: "Imperial",
    detail: "imp gal, °C, miles",
    data: {
      volumeUnit: "impgal",
      temperatureUnit: "c",
      lengthUnit: "in",
      distanceUnit: "mi",
      massUnit: "lb",
      pressureUnit: "psi",
    },
  },
];

/** A new yard asks whether anything stands there yet, and in which units; all else is asked when it matters. */
export default function Welcome() {
  const { view } = useYard();
  const note = useNote();
  const [begun, setBegun] = useState(false);
  const { settings } = view;
  const country = COUNTRIES.find(({ data }) =>
    Object.entries(data).every(([key, value]) => settings[key as keyof Settings] === value),
  );
  return (
    <div className="mx-auto w-full max-w-[560px] px-4 py-5">
      <h1 className="text-[27px]">Your yard is empty</h1>
      <div className="mt-3">
        <Choice
          label="Figures in"
          options={COUNTRIES.map(({ name, detail }) => ({ value: name, name, detail }))}
          value={country?.name ?? ""}
          onChange={(name) =>
            note({ kind: "settings", data: COUNTRIES.find((c) => c.name === name)?.data ?? {} }, "Noted.")
          }
        />
      </div>
      <h2 className="mt-5 text-xl">And the shed itself?</h2>
      <div className="mt-2 flex flex-col gap-2">
        <YardLink href="/opening" className={buttonClass("go", "wide")}>
          Oil stands there already
        </YardLink>
        <Button wide aria-expanded={begun} onClick={() => setBegun(!begun)}>
          It is empty: here comes the first oil
        </Button>
      </div>
      {begun ? <FirstOil /> : null}
      <p className="mt-6 text-ink-2">Or look round a yard that has run for eleven months, all made up:</p>
      <Link href="/?demo=1" className={`${buttonClass("plain")} mt-2`}>
        Open the demo yard
      </Link>
    </div>
  );
}

/** One container and one pickup, nothing else. */
function FirstOil() {
  const { view, newId } = useYard();
  const tell = useTell();
  const [source, setSource] = useState("");
  const [container, setContainer] = useState<string>("drum");
  const units = useUnits();
  const litres = useAmount(units.volume, 20);
  const [noName, setNoName] = useState<string>();
  const [refused, setRefused] = useState<string | null>(null);

  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const kind = CONTAINERS.find((c) => c.key === container);
    if (source.trim() === "") return setNoName("Say who the oil is from.");
    if (litres.value === null || litres.value <= 0) return litres.refuse("Say how much.");
    if (!kind) return;
    const [to, from] = [asVesselId(newId()), asSourceId(newId())];
    const { shape, rimMm, role, look } = kind;
    // One act: a yard with a source and no oil would be neither empty nor begun.
    const reason = await tell(
      [
        { kind: "vessel", data: { id: to, name: nextName(view, VESSEL_LOOKS[look]), role, shape, rimMm, look } },
        { kind: "source", data: { id: from, name: source.trim(), container: kind.name } },
        {
          kind: "pickup",
          data: {
            source: from,
            to,
            fluid: "canola",
            amount: { litres: litres.value },
            muck: { water: 0.01, sludge: 0.015, "fryer-fat": 0.005 },
          },
        },
      ],
      "Your first oil is in the book.",
    );
    setRefused(reason);
  };

  return (
    <form onSubmit={(e) => void submit(e)} className="mt-4 flex flex-col gap-4" noValidate>
      <TextField
        label="Who is it from?"
        value={source}
        error={noName}
        onChange={(text) => {
          setSource(text);
          setNoName(undefined);
        }}
      />
      <Choice
        label="What is it in?"
        options={presetOptions(units).filter(({ value }) => CONTAINERS.some((c) => c.key === value))}
        value={container}
        onChange={setContainer}
      />
      <NumberField label="How much?" of={litres} />
      <div aria-live="polite">{refused ? <p className="text-stop">{refused}</p> : null}</div>
      <Button type="submit" look="go" wide>
        Put it in the book
      </Button>
    </form>
  );
}
