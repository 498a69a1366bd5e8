"use client";
import Link from "next/link";
import { type FormEvent, useState } from "react";
import { asSourceId, asVesselId } from "@/core/ledger/named";

import { NumberField, useAmount, useTell, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass, Choice, TextField } from "@/ui";
import { PRESETS } from "./presets";

/** What most people begin with. */
const CONTAINERS = ["jerrycan", "pail", "drum"].flatMap((key) => PRESETS.find((p) => p.key === key) ?? []);

/** A new yard asks for one container and one pickup, nothing else. */
export function Welcome() {
  const { newId } = useYard();
  const tell = useTell();
  const [source, setSource] = useState("");
  const [container, setContainer] = useState<string>("drum");
  const units = useUnits();
  const litres = useAmount(units.volume, 20);
  const [refused, setRefused] = useState<string | null>(null);

  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const kind = CONTAINERS.find((c) => c.key === container);
    if (!kind || source.trim() === "" || litres.value === null) {
      setRefused(source.trim() === "" ? "Say who the oil is from." : "Say how many litres.");
      return;
    }
    const [to, from] = [asVesselId(newId()), asSourceId(newId())];
    const { shape, rimMm, role } = kind;
    // One act: a yard with a source and no oil would be neither empty nor begun.
    const reason = await tell(
      [
        { kind: "vessel", data: { id: to, name: kind.name.replace(/^\d+ L /, "My "), role, shape, rimMm } },
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
    <div className="mx-auto w-full max-w-[560px] px-4 py-6">
      <h1 className="text-[27px]">Your yard is empty</h1>
      <p className="mt-1 text-ink-2">Start with one container of oil. Everything else is asked when it matters.</p>
      <form onSubmit={(e) => void submit(e)} className="mt-4 flex flex-col gap-4">
        <TextField label="Who is it from?" value={source} onChange={setSource} />
        <Choice
          label="What is it in?"
          options={CONTAINERS.map(({ key, name }) => ({ value: key, name }))}
          value={container}
          onChange={setContainer}
        />
        <NumberField label="How much?" of={litres} />
        <div aria-live="polite">{refused ? <p className="text-stop">{refused}</p> : null}</div>
        <Button type="submit" look="go" wide>
          Put it in the book
        </Button>
      </form>
      <p className="mt-6 text-ink-2">Or look round a yard that has run for eleven months, all made up:</p>
      <Link href="/?demo=1" className={`${buttonClass("plain")} mt-2`}>
        Open the demo yard
      </Link>
    </div>
  );
}
