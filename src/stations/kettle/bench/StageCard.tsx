"use client";
import { type ReactNode, useState } from "react";
import { LEFT_ALONE, type Stage, stagesOf } from "@/core/kettle";
import type { BatchState, Draft } from "@/core/ledger";
import { LogStep } from "@/desk";
import { STAGE_WORDS } from "@/ui/words/kettle";
import { type Saw, Seen } from "./Seen";
import { StageCaution, useCautionRead } from "./StageCaution";

interface Props {
  readonly batch: BatchState;
  readonly stage: Stage;
  /** The one number of the stage, large, and what it is. */
  readonly number?: ReactNode;
  readonly children?: ReactNode;
  /** Written with the stage's end, as one act. */
  readonly also?: readonly Draft[];
  /** Says at its field what is missing. */
  readonly isComplete?: (() => boolean) | undefined;
  /** Why it cannot be ended yet; the end is then not offered. */
  readonly notYet?: string | undefined;
  readonly action?: string | undefined;
  /** What is kept with its end, in words. */
  readonly says?: string | undefined;
}

/** One stage: its number, its caution, what should be seen, and on to the next. */
export function StageCard({ batch, stage, number, children, also = [], isComplete, notYet, action, says }: Props) {
  const stages = stagesOf(batch.batch.recipe.path);
  const at = stages.indexOf(stage);
  const next = stages[at + 1];
  const [saw, setSaw] = useState<Saw>(null);
  const [wrong, setWrong] = useState<string>();
  const isRead = useCautionRead(stage);
  const done: Draft = {
    kind: "stage",
    data: { batch: batch.batch.id, stage, did: "done", ...(saw && { saw }), ...(says && { says }) },
  };
  // Lye and methanol go first: the interlocks are asked about them before the button is pressed. What else a stage ends
  // with stands under its own caution, and the store asks them again.
  const leads = also[0]?.kind === "charge" ? also[0] : undefined;
  const complete = (): boolean => {
    if (!isRead) setWrong("Read the caution below first.");
    else if (saw === null) setWrong("Is it as expected, or not?");
    else return isComplete?.() ?? true;
    return false;
  };
  return (
    <>
      <h2 className="flex items-baseline justify-between text-xl">
        {STAGE_WORDS[stage]}
        <span className="text-[15px] font-medium text-ink-2">
          stage {at + 1} of {stages.length}, {LEFT_ALONE[stage] ? "may stand alone" : "stay with it"}
        </span>
      </h2>
      {number}
      {children}
      <Seen
        stage={stage}
        saw={saw}
        onSaw={(s) => {
          setSaw(s);
          setWrong(undefined);
        }}
        error={wrong}
      />
      {notYet ? (
        <p className="mt-3 text-[15px]">{notYet}</p>
      ) : (
        <LogStep
          draft={leads ?? done}
          also={leads ? [...also.slice(1), done] : also}
          said={`${STAGE_WORDS[stage]} is done${saw === "not" ? ", not as expected" : ""}.`}
          action={action ?? (next ? `Go on: ${STAGE_WORDS[next].toLowerCase()}` : "The last stage is done")}
          isComplete={complete}
        />
      )}
      <StageCaution stage={stage} />
    </>
  );
}

/** The large figure of a stage. */
export const BigNumber = ({ value, name, warn = false }: { value: string; name: string; warn?: boolean }) => (
  <p className={`font-plate text-[44px] leading-none font-semibold ${warn ? "text-stop" : ""}`}>
    {value} <span className="text-[19px] font-medium text-ink-2">{name}</span>
  </p>
);
