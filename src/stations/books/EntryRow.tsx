"use client";
import { useState } from "react";
import type { Draft, Entry } from "@/core/ledger";
import { useNumber, useTell, useUnits } from "@/desk";
import { type Listed, useYard } from "@/store";
import { Button, TextField } from "@/ui";
import { dayAndClock, KIND_WORDS, wordEntry } from "@/ui/words";

/** One entry: what it says, and the ways to take it back or put it right. Nothing is ever edited. */
export function EntryRow({ entry, dead }: Listed) {
  const { view } = useYard();
  const [doing, setDoing] = useState<"void" | "correct" | null>(null);
  const fault = view.faults.find((f) => f.entry === entry.id);
  return (
    <li className="border-t border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="w-[132px] font-plate text-[15px] text-ink-2">{dayAndClock(entry.happenedAt)}</span>
        <span className={`min-w-[200px] flex-1 ${dead ? "text-ink-2 line-through" : ""}`}>
          <b className="font-plate text-[16px]">{KIND_WORDS[entry.kind]}</b> {wordEntry(entry, view)}
          {entry.note ? <i> {entry.note}</i> : null}
          {entry.replaces ? " (a correction)" : ""}
          {entry.despite ? <b className="text-stop"> done although the app refused it</b> : null}
          {fault ? <b className="text-stop"> does not add up and moves nothing</b> : null}
        </span>
        {dead ? (
          <span className="text-[14px] text-ink-2">void or corrected</span>
        ) : (
          <span className="flex gap-1">
            {correctable(entry) ? (
              <Button
                onClick={() => setDoing(doing === "correct" ? null : "correct")}
                aria-expanded={doing === "correct"}
              >
                Correct
              </Button>
            ) : null}
            <Button onClick={() => setDoing(doing === "void" ? null : "void")} aria-expanded={doing === "void"}>
              Void
            </Button>
          </span>
        )}
      </div>
      {doing === "void" ? <VoidForm entry={entry} onDone={() => setDoing(null)} /> : null}
      {doing === "correct" ? <CorrectForm entry={entry} onDone={() => setDoing(null)} /> : null}
    </li>
  );
}

function VoidForm({ entry, onDone }: { entry: Entry; onDone: () => void }) {
  const tell = useTell();
  const [reason, setReason] = useState("");
  const [refused, setRefused] = useState<string>();
  const run = async (): Promise<void> => {
    if (reason.trim() === "") {
      setRefused("Say why, for whoever reads the books.");
      return;
    }
    const said = await tell(
      { kind: "void", data: { entry: entry.id, reason: reason.trim() } },
      "Voided. Everything after it is worked out again.",
    );
    setRefused(said ?? undefined);
    if (said === null) onDone();
  };
  return (
    <div className="flex flex-wrap items-end gap-2 py-2">
      <div className="min-w-[220px] flex-1">
        <TextField label="Why is it void?" value={reason} onChange={setReason} error={refused} />
      </div>
      <Button look="stop" onClick={() => void run()}>
        Void it
      </Button>
    </div>
  );
}

type WithAmount = Extract<Entry, { data: { amount: unknown } }>;
const correctable = (entry: Entry): entry is WithAmount =>
  "amount" in entry.data &&
  typeof entry.data.amount === "object" &&
  entry.data.amount !== null &&
  "litres" in entry.data.amount;

function CorrectForm({ entry, onDone }: { entry: Entry; onDone: () => void }) {
  const tell = useTell();
  const units = useUnits();
  const was = correctable(entry) && "litres" in entry.data.amount ? entry.data.amount.litres : 0;
  const litres = useNumber(String(Math.round(was * 100) / 100), units.parseLitres);
  const [when, setWhen] = useState(local(entry.happenedAt));
  const [refused, setRefused] = useState<string>();
  const run = async (): Promise<void> => {
    if (litres.value === null || !correctable(entry)) {
      setRefused("Say how many litres it was.");
      return;
    }
    const draft = {
      kind: entry.kind,
      data: { ...entry.data, amount: { ...entry.data.amount, litres: litres.value } },
      happenedAt: when === local(entry.happenedAt) ? entry.happenedAt : new Date(when).toISOString(),
      replaces: entry.id,
      ...(entry.despite && { despite: entry.despite }),
    } as Draft;
    const said = await tell(draft, "Corrected. Everything after it is worked out again.");
    setRefused(said ?? undefined);
    if (said === null) onDone();
  };
  return (
    <div className="py-2">
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-[130px]">
          <TextField label="Litres" value={litres.text} onChange={litres.set} error={litres.error} decimal suffix="L" />
        </div>
        <div className="w-[240px]">
          <TextField label="When" type="datetime-local" value={when} onChange={setWhen} />
        </div>
        <Button look="go" onClick={() => void run()}>
          Put it right
        </Button>
      </div>
      <div aria-live="polite">{refused ? <p className="mt-1 text-stop">{refused}</p> : null}</div>
    </div>
  );
}

/** What a datetime-local field holds: the reader's own clock, to the minute. */
function local(isoTime: string): string {
  const d = new Date(isoTime);
  return new Date(d.getTime() - d.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
