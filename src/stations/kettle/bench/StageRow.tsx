"use client";
import { useEffect, useRef } from "react";
import { type Stage, stageMinutes, stagesOf } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import { currentStage, stageState } from "@/core/readings/kettle/stages";
import { formatMinutes } from "@/core/units";
import { STAGE_WORDS } from "@/ui/words/kettle";

interface Props {
  readonly batch: BatchState;
  readonly chosen: Stage | null;
  readonly onChoose: (stage: Stage) => void;
}

/** The whole way from lot to fuel: what is done, where it stands, what is to come. */
export function StageRow({ batch, chosen, onChoose }: Props) {
  const stages = stagesOf(batch.batch.recipe.path);
  const here = useRef<HTMLLIElement>(null);
  const now = currentStage(batch);
  // On a phone only four of them fit: the one that counts is among them.
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is the stage that moves on
  useEffect(() => {
    const row = here.current?.closest("nav");
    if (row && here.current)
      row.scrollLeft = here.current.offsetLeft - row.clientWidth / 2 + here.current.clientWidth / 2;
  }, [now]);
  return (
    <nav aria-label="Stages" className="relative mt-3 overflow-x-auto pb-1">
      <ol className="flex min-w-max">
        {stages.map((stage, i) => {
          const state = stageState(batch, stage);
          const isDone = state.doneAt !== null;
          const minutes = stageMinutes(stage, batch.batch.recipe);
          const words = isDone
            ? state.saw === "not"
              ? "not as expected"
              : "done"
            : state.stoppedAt !== null
              ? "stopped"
              : minutes === null
                ? ""
                : formatMinutes(minutes);
          return (
            <li
              key={stage}
              ref={stage === now ? here : undefined}
              className="relative w-[96px]"
              style={{ zIndex: stages.length - i }}
            >
              {i === 0 ? null : (
                <span
                  aria-hidden="true"
                  className={`absolute top-[15px] right-1/2 h-1 w-full ${isDone || stage === now ? "bg-go" : "bg-rule"}`}
                />
              )}
              <button
                type="button"
                aria-current={stage === now ? "step" : undefined}
                aria-pressed={stage === chosen}
                onClick={() => onChoose(stage)}
                className="relative z-10 flex min-h-[var(--target)] w-full flex-col items-center"
              >
                <span
                  aria-hidden="true"
                  className={`my-1 block rounded-full border-4 ${stage === now ? "h-7 w-7 border-go bg-card" : isDone ? "mt-1.5 h-5 w-5 border-go bg-go" : "mt-1.5 h-5 w-5 border-quiet bg-card"}`}
                />
                <span
                  className={`px-0.5 text-center font-plate text-[16px] leading-tight font-semibold ${stage === chosen ? "underline underline-offset-4" : ""}`}
                >
                  {STAGE_WORDS[stage]}
                </span>
                <span className={`text-[13px] ${state.saw === "not" || state.stoppedAt ? "text-stop" : "text-ink-2"}`}>
                  {words}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
