"use client";
import { useState } from "react";
import type { Draft } from "@/core/ledger";
import { Interlock, useClearance, useTell } from "@/desk";
import { Button } from "@/ui";

interface Props {
  /** Null while something is missing or wrong. */
  readonly draft: Draft | null;
  readonly said: string;
  readonly action: string;
  readonly onDone: () => void;
}

/** Logs a reading; what is odd about it is said first, and the person keeps it or drops it. */
export function KeepOrDrop({ draft, said, action, onDone }: Props) {
  const tell = useTell();
  const clearance = useClearance(draft);
  const [refused, setRefused] = useState<string | null>(null);
  const odd = (clearance?.warnings.length ?? 0) > 0;
  const log = async (): Promise<void> => {
    if (!draft) return;
    const problem = await tell(draft, said);
    setRefused(problem);
    if (problem === null) onDone();
  };
  return (
    <>
      <Interlock clearance={clearance} />
      <div aria-live="polite">{refused ? <p className="mt-2 text-stop">{refused}</p> : null}</div>
      <div className="mt-3 flex gap-2">
        <Button look="go" wide disabled={!draft} onClick={() => void log()}>
          {odd ? "Keep it as read" : action}
        </Button>
        <Button onClick={onDone}>{odd ? "Drop it" : "Cancel"}</Button>
      </div>
    </>
  );
}
