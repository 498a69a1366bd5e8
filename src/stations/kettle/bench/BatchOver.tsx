"use client";
import { useState } from "react";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { useLog, useTell, useUnits, YardLink } from "@/desk";
import { Button, TextField } from "@/ui";
import { fullDay } from "@/ui/words";
import { BigNumber } from "./StageCard";
import { StagePhoto, StagePhotoShown } from "./StagePhoto";

const WORDS = { fuel: "Fuel", rework: "Reworked", "given-up": "Given up" } as const;

/** A batch that is over: what became of it, where its fuel goes, and the jar that is kept of it. */
export default function BatchOver({ batch, vessel }: { batch: BatchState; vessel: VesselView }) {
  const units = useUnits();
  const log = useLog();
  const { ended } = batch;
  return (
    <>
      <h2 className="text-xl">{ended ? fullDay(ended.at) : "All stages are done"}</h2>
      <BigNumber
        value={ended ? WORDS[ended.how] : "Done"}
        name={ended && ended.litres > 0 ? units.litres(ended.litres) : ""}
      />
      {vessel.litres > 0.05 ? (
        <Button
          look="go"
          wide
          className="mt-2"
          onClick={() => log.open("pour", { from: vessel.vessel.id, toRole: "ready" })}
        >
          Pour it to where fuel is kept
        </Button>
      ) : null}
      <WitnessJar batch={batch} />
      {batch.batch.is === "trial" && batch.verdict === "passed" ? (
        <YardLink
          href={`/batch?of=${batch.batch.id}`}
          className="mt-2 flex min-h-[var(--target)] items-center justify-center rounded-md border border-go bg-go font-plate text-[18px] font-semibold text-on-go"
        >
          Scale it up
        </YardLink>
      ) : null}
      <YardLink
        href={`/batches?batch=${batch.batch.id}`}
        className="mt-2 inline-flex min-h-[var(--target)] items-center font-plate text-[17px] font-semibold text-go underline underline-offset-4"
      >
        Its balance and what it cost
      </YardLink>
    </>
  );
}

/** A jar kept for years: where it stands, what is written on it, and how it looks as time goes by. */
export function WitnessJar({ batch }: { batch: BatchState }) {
  const tell = useTell();
  const [place, setPlace] = useState(batch.jar?.place ?? "");
  const [label, setLabel] = useState(batch.jar?.label ?? batch.batch.name);
  const [wrong, setWrong] = useState<string>();
  const keep = async (): Promise<void> => {
    if (place.trim() === "") return setWrong("Where does it stand?");
    const refused = await tell(
      {
        kind: "witness",
        data: { batch: batch.batch.id, place: place.trim(), label: label.trim() || batch.batch.name },
      },
      "The jar is in the book.",
    );
    setWrong(refused ?? undefined);
  };
  const photos = batch.photos.filter((p) => p.stage === "jar");
  return (
    <section aria-labelledby="jar-title" className="mt-4">
      <h3 id="jar-title" className="text-[19px] font-semibold">
        Witness jar
      </h3>
      <p className="text-[15px] text-ink-2">
        {batch.jar
          ? `“${batch.jar.label}”, ${batch.jar.place}. ${photos.length} photos.`
          : "A jar of each batch, kept for years, tells what time does to it."}
      </p>
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label="It stands"
          value={place}
          onChange={(t) => {
            setPlace(t);
            setWrong(undefined);
          }}
          error={wrong}
        />
        <TextField label="Written on it" value={label} onChange={setLabel} />
      </div>
      <div className="mt-2 flex items-start gap-2">
        <Button onClick={() => void keep()}>{batch.jar ? "Change it" : "Keep it in the book"}</Button>
        <StagePhoto batch={batch} stage="jar" ask="Photo of the jar" />
      </div>
      {photos.length > 1 ? (
        <ul className="mt-1 flex flex-wrap gap-2 text-[14px] text-ink-2">
          {photos.map((p) => (
            <li key={p.entry}>
              {fullDay(p.at)}
              <StagePhotoShown entry={p.entry} alt={`The jar on ${fullDay(p.at)}`} />
            </li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}
