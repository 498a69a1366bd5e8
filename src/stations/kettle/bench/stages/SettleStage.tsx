"use client";
import { ranMinutes, stageMinutes } from "@/core/kettle";
import { stageState } from "@/core/readings/kettle/stages";
import { useYard } from "@/store";
import { StageCard } from "../StageCard";
import { StageClock } from "../StageClock";
import type { StageProps } from "./props";

/** It stands: until when, and what should have gone down by then. */
export function SettleStage({ batch, stage }: StageProps) {
  const { now } = useYard();
  const state = stageState(batch, stage);
  const left = (stageMinutes(stage, batch.batch.recipe) ?? 0) - ranMinutes(state, now());
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={<StageClock batch={batch} stage={stage} startWords="Stirring off: start the clock" />}
      notYet={state.begunAt === null ? "Start its clock first." : undefined}
      action={left > 0 ? "Parted already: go on" : undefined}
    />
  );
}
