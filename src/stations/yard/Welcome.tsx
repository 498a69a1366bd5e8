"use client";
import Link from "next/link";
import { type FormEvent, useState } from "react";
import { parseLitres } from "@/core/units";
import { useNumber, useTell } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass, Choice, TextField } from "@/ui";

const CONTAINERS = [
  {
    value: "jerrycan",
    name: "20 L jerrycan",
    shape: { kind: "box", lengthMm: 330, widthMm: 160 },
    rimMm: 400,
    role: "raw",
  },
  { value: "pail", name: "25 L pail", shape: { kind: "cylinder", diameterMm: 300 }, rimMm: 360, role: "raw" },
  { value: "drum", name: "200 L drum", shape: { kind: "cylinder", diameterMm: 571.5 }, rimMm: 850, role: "settling" },
] as const;

/** A new yard asks for one container and one pickup, nothing else. */
export function Welcome() {
  const { view } = useYard();
  const tell = useTell();
  const [source, setSource] = useState("");
  const [container, setContainer] = useState<string>("drum");
  const litres = useNumber("20", parseLitres);
  const [refused, setRefused] = useState<string | null>(null);

  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const kind = CONTAINERS.find((c) => c.value === container) ?? CONTAINERS[2];
    if (source.trim() === "" || litres.value === null) {
      setRefused(source.trim() === "" ? "Say who the oil is from." : "Say how many litres.");
      return;
    }
    const firstDay = view.entries === 0;
    const steps = [
      () =>
        tell(
          {
            kind: "vessel",
            data: {
              id: "first-container" as never,
              name: kind.name.replace(/^\d+ L /, "My "),
              role: kind.role,
              shape: kind.shape,
              rimMm: kind.rimMm,
            },
          },
          "The container stands in the yard.",
        ),
      () =>
        tell(
          { kind: "source", data: { id: "first-source" as never, name: source.trim(), container: kind.name } },
          "The source is on the list.",
        ),
      () =>
        tell(
          {
            kind: "pickup",
            data: {
              source: "first-source" as never,
              to: "first-container" as never,
              fluid: "canola",
              amount: { litres: litres.value ?? 0 },
              muck: { water: 0.01, sludge: 0.015, "fryer-fat": 0.005 },
            },
          },
          "Your first oil is in the book.",
        ),
    ];
    for (const step of firstDay ? steps : steps.slice(2)) {
      const reason = await step();
      setRefused(reason);
      if (reason !== null) return;
    }
  };

  return (
    <div className="mx-auto w-full max-w-[560px] px-4 py-6">
      <h1 className="text-[27px]">Your yard is empty</h1>
      <p className="mt-1 text-ink-2">Start with one container of oil. Everything else is asked when it matters.</p>
      <form onSubmit={(e) => void submit(e)} className="mt-4 flex flex-col gap-4">
        <TextField label="Who is it from?" value={source} onChange={setSource} />
        <Choice
          label="What is it in?"
          options={CONTAINERS.map(({ value, name }) => ({ value, name }))}
          value={container}
          onChange={setContainer}
        />
        <TextField
          label="How much?"
          value={litres.text}
          onChange={litres.set}
          error={litres.error}
          decimal
          suffix="L"
        />
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
