import { dueAt, type Stage, stageMinutes, stagesOf } from "../../kettle/stages";
import type { BatchState, StageState } from "../../ledger";
import { freshStage } from "../../ledger/batchState";

export const stageState = (b: BatchState, stage: Stage): StageState => b.stages[stage] ?? freshStage;

/** The first stage that is not done; null where all are, or the batch is over. */
export const currentStage = (b: BatchState): Stage | null =>
  b.ended ? null : (stagesOf(b.batch.recipe.path).find((s) => stageState(b, s).doneAt === null) ?? null);

/** Stages before this one that nobody has done. */
export function undoneBefore(b: BatchState, stage: Stage): readonly Stage[] {
  const all = stagesOf(b.batch.recipe.path);
  const at = all.indexOf(stage);
  return at < 0 ? [] : all.slice(0, at).filter((s) => stageState(b, s).doneAt === null);
}

/** When the stage that runs will have run long enough; null where it stands still, or takes as long as hands need. */
export function stageDueAt(b: BatchState, stage: Stage): string | null {
  return dueAt(stageState(b, stage), stageMinutes(stage, b.batch.recipe));
}

export const isTrial = (b: BatchState): boolean => b.batch.is === "trial";

/** Batches that are being made. */
export const running = (batches: readonly BatchState[]): readonly BatchState[] =>
  batches.filter((b) => b.ended === null);
