"use client";
import { lazy, Suspense, useEffect, useMemo, useState } from "react";
import { type Draft, type Entry, type EntryId, type Fault, fieldsOf } from "@/core/ledger";
import { type Listed, useYard } from "@/store";
import { Button, Choice, TextField } from "@/ui";
import { fullMoment } from "@/ui/words";
import { titleOf, wordEntry } from "@/ui/words/entries";
import { useTell } from "../useTell";

// Its forms come when somebody corrects something, not with the list.
const CorrectSheet = lazy(() => import("./CorrectSheet"));

/** One entry: what it says, and the ways to take it back or put it right. Nothing is ever edited. */
export function EntryRow({ entry, dead }: Listed) {
  const { view } = useYard();
  const [doing, setDoing] = useState<"void" | "correct" | null>(null);
  const hasFields = useMemo(() => fieldsOf(entry).length > 0, [entry]);
  const fault = view.faults.find((f) => f.entry === entry.id);
  return (
    <li className="border-t border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="w-[172px] font-plate text-[15px] text-ink-2">{fullMoment(entry.happenedAt)}</span>
        <span className={`min-w-[200px] flex-1 ${dead ? "text-ink-2 line-through" : ""}`}>
          <b className="font-plate text-[16px]">{titleOf(entry)}</b> {wordEntry(entry, view)}
          {entry.note ? <i> {entry.note}</i> : null}
          {entry.replaces ? " (a correction)" : ""}
          {entry.despite ? <b className="text-stop"> done although the app refused it</b> : null}
          {fault ? <b className="text-stop"> {faultWords(fault)}</b> : null}
        </span>
        {dead ? (
          <span className="text-[14px] text-ink-2">void or corrected</span>
        ) : (
          <span className="flex gap-1">
            {hasFields ? (
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
      {doing === "correct" ? (
        <Suspense>
          <CorrectSheet entry={entry} onDone={() => setDoing(null)} />
        </Suspense>
      ) : null}
    </li>
  );
}

const faultWords = (fault: Fault): string =>
  fault.code === "overfilled"
    ? "is more than that holds: one of the pours into it is wrong"
    : "does not add up and moves nothing";

const BEFORE = "before";
const NOTHING = "nothing";

function VoidForm({ entry, onDone }: { entry: Entry; onDone: () => void }) {
  const { view } = useYard();
  const tell = useTell();
  const corrected = useCorrected(entry);
  const [stands, setStands] = useState("");
  const [reason, setReason] = useState("");
  const [refused, setRefused] = useState<string>();
  const run = async (): Promise<void> => {
    if (reason.trim() === "") {
      setRefused("Say why, for whoever reads the books.");
      return;
    }
    if (corrected && stands === "") {
      setRefused("Say which shall stand.");
      return;
    }
    const voidOf = (id: EntryId): Draft => ({ kind: "void", data: { entry: id, reason: reason.trim() } });
    const drafts = corrected && stands === NOTHING ? [voidOf(entry.id), voidOf(corrected.id)] : [voidOf(entry.id)];
    const said = await tell(
      drafts,
      corrected && stands === BEFORE
        ? "Voided. What it had corrected stands again."
        : "Voided. Everything after it is worked out again.",
    );
    setRefused(said ?? undefined);
    if (said === null) onDone();
  };
  return (
    <div className="flex flex-wrap items-end gap-2 py-2">
      {corrected ? (
        <div className="w-full">
          <Choice
            label="This is a correction. Which shall stand?"
            value={stands}
            onChange={setStands}
            options={[
              { value: BEFORE, name: "As it was before", detail: wordEntry(corrected, view) },
              { value: NOTHING, name: "Neither", detail: "it never happened" },
            ]}
          />
        </div>
      ) : null}
      <div className="min-w-[220px] flex-1">
        <TextField label="Why is it void?" value={reason} onChange={setReason} error={refused} />
      </div>
      <Button look="stop" onClick={() => void run()}>
        Void it
      </Button>
    </div>
  );
}

/** What an entry corrected: null while it is looked up, and for one that corrected nothing. */
function useCorrected(entry: Entry): Entry | null {
  const { client } = useYard();
  const [found, setFound] = useState<Entry | null>(null);
  const { replaces } = entry;
  useEffect(() => {
    let gone = false;
    if (replaces !== undefined) void client.find(replaces).then((e) => !gone && setFound(e));
    return () => {
      gone = true;
    };
  }, [client, replaces]);
  return found;
}
