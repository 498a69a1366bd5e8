"use client";
import dynamic from "next/dynamic";
import { useState } from "react";
import { useUndo, useUnits } from "@/desk";
import { EntryRow } from "@/desk/entries/EntryRow";
import { useYard } from "@/store";
import { Bench, Button, MomentField, Row, readMoment } from "@/ui";
import { counted, fullDay } from "@/ui/words";
import { CopiesBox } from "./CopiesBox";
import { useEntries } from "./useEntries";

const KeptYards = dynamic(() => import("./KeptYards").then((m) => m.KeptYards), { ssr: false });
const FileBox = dynamic(() => import("./FileBox").then((m) => m.FileBox), {
  ssr: false,
  loading: () => <div className="h-[110px]" />,
});

/** The ledger: every entry, the balance, the yard on another day, and a copy to keep. */
export function BooksScreen() {
  const { view } = useYard();
  const units = useUnits();
  const { undo, redo } = useUndo();
  const { rows, total, more } = useEntries();
  const b = view.balance;
  return (
    <Bench
      title="Books"
      subtitle={`${counted(total, "entry", "entries")}${view.firstAt ? ` since ${fullDay(view.firstAt)}` : ""}. Nothing is edited: a mistake is voided or corrected by a new entry.`}
      asideLabel="Balance"
      aside={
        <>
          <div className="flex items-baseline justify-between">
            <h2 className="text-xl">Balance</h2>
            <p className={`font-plate text-[17px] font-semibold ${b.closes ? "text-go" : "text-stop"}`}>
              {b.closes ? "It closes" : "It does not close"}
            </p>
          </div>
          <dl>
            {b.in.opening > 0 ? <Row name="Stood there at the start" value={units.litres(b.in.opening)} /> : null}
            <Row name="Collected" value={units.litres(b.in.collected)} />
            <Row name="Bought" value={units.litres(b.in.bought)} />
            <Row name="Standing in the yard" value={units.litres(b.standing)} />
            <Row name="Burned" value={units.litres(b.out.burned)} />
            <Row name="Disposed of" value={units.litres(b.out.disposed)} />
            <Row name="Lost in bags" value={units.litres(b.out.lost)} />
            {Math.abs(b.convertedLitres) > 0.005 ? (
              <Row name="Shrunk in the kettle" value={units.litres(b.convertedLitres)} />
            ) : null}
            <Row name="Unaccounted" value={units.litres(b.out.unaccounted)} />
          </dl>
          <TimeTravel />
          <CopiesBox />
          <FileBox />
          <KeptYards />
        </>
      }
    >
      <div className="my-2 flex flex-wrap gap-2">
        <Button onClick={() => void undo()} aria-keyshortcuts="u">
          Undo my last entry <kbd className="rounded border border-quiet px-1 text-[13px]">U</kbd>
        </Button>
        <Button onClick={() => void redo()} aria-keyshortcuts="Shift+U">
          Redo <kbd className="rounded border border-quiet px-1 text-[13px]">⇧U</kbd>
        </Button>
      </div>
      <ol>
        {rows.map((r) => (
          <EntryRow key={r.entry.id} {...r} />
        ))}
      </ol>
      {rows.length < total ? (
        <Button className="my-3" onClick={more}>
          Show older entries
        </Button>
      ) : null}
    </Bench>
  );
}

function TimeTravel() {
  const { travel, at, now } = useYard();
  const [day, setDay] = useState("");
  const [refused, setRefused] = useState<string>();
  const go = (): void => {
    const read = readMoment(day);
    const wrong = !read.ok ? read.wrong : read.iso > now() ? "That has not come yet." : undefined;
    setRefused(wrong);
    if (read.ok && wrong === undefined) travel(read.iso);
  };
  return (
    <section aria-labelledby="travel-title" className="mt-4">
      <h2 id="travel-title" className="text-xl">
        The yard on another day
      </h2>
      <div className="mt-1 flex items-start gap-2">
        <div className="min-w-0 flex-1">
          <MomentField label="As it stood on" value={day} onChange={setDay} error={refused} />
        </div>
        <Button className="mt-5" onClick={go}>
          Look
        </Button>
      </div>
      {at === null ? null : (
        <Button className="mt-2" onClick={() => travel(null)}>
          Back to now
        </Button>
      )}
    </section>
  );
}
