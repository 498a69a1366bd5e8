"use client";
import { lazy, Suspense, useMemo, useState } from "react";
import { type Fault, fieldsOf } from "@/core/ledger";
import { type Listed, useYard } from "@/store";
import { Button } from "@/ui";
import { fullMoment } from "@/ui/words";
import { titleOf, wordEntry } from "@/ui/words/entries";

// Its forms come when somebody corrects something, not with the list.
const CorrectSheet = lazy(() => import("./CorrectSheet"));
const VoidForm = lazy(() => import("./VoidForm"));

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
      {doing === "void" ? (
        <Suspense>
          <VoidForm entry={entry} onDone={() => setDoing(null)} />
        </Suspense>
      ) : null}
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
