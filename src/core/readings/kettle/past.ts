import {
  convertedBySolubility,
  fitPartition,
  type Learned,
  learnedFrom,
  type PastBatch,
  type WashSeen,
} from "../../kettle";
import type { BatchState, TestState } from "../../ledger";
import { isTrial } from "./stages";

const lastTest = (b: BatchState, test: TestState["test"]): TestState | undefined =>
  b.tests.findLast((t) => t.test === test);

/** What a batch tells of the reaction: by its solubility, and by its glycerol. */
export function pastOfBatch(b: BatchState): PastBatch {
  const undissolved = lastTest(b, "solubility")?.value;
  const glycerol = b.splits.filter((s) => s.phase === "glycerol");
  const expected = glycerol.reduce((sum, s) => sum + (s.expectedLitres ?? 0), 0);
  const drained = glycerol.reduce((sum, s) => sum + s.litres, 0);
  return {
    conversion: undissolved === undefined ? null : convertedBySolubility(undissolved),
    drainedToExpected: expected > 0 ? drained / expected : null,
  };
}

/** What the owner's own batches have taught; trials of a litre count, reworks do not. */
export const learnedOf = (batches: readonly BatchState[]): Learned =>
  learnedFrom(batches.filter((b) => b.batch.is !== "rework").map(pastOfBatch));

/** Washes between two soap titrations of one batch: what soap's liking for water is found from. */
export function washesSeen(b: BatchState): readonly WashSeen[] {
  const soaps = b.tests.filter((t) => t.test === "soap");
  return soaps.slice(1).flatMap((after, i): WashSeen[] => {
    const before = soaps[i];
    const between = before ? b.washes.slice(before.afterWashes, after.afterWashes) : [];
    const water = between.reduce((sum, w) => sum + w.waterLitres, 0);
    if (!before || water <= 0) return [];
    const washes = between.length;
    return [
      {
        beforePpm: before.value,
        afterPpm: after.value,
        washes,
        waterShare: water / washes / b.batch.recipe.oilLitres,
      },
    ];
  });
}

/** Soap's liking for water by the owner's own washes; null until some were titrated before and after. */
export const ownPartition = (batches: readonly BatchState[]): number | null =>
  fitPartition(batches.flatMap(washesSeen));

/**
 * The batch to hold another against: it passed, and made the most fuel of its oil; one of the same kettle before
 * others, the latest of equals.
 */
export function bestBatch(batches: readonly BatchState[], than: BatchState): BatchState | null {
  const yieldOf = (b: BatchState): number => (b.ended?.litres ?? 0) / b.batch.recipe.oilLitres;
  return (
    batches
      .filter((b) => b !== than && b.batch.id !== than.batch.id && b.verdict === "passed" && !isTrial(b))
      .sort(
        (a, b) =>
          Number(b.batch.kettle === than.batch.kettle) - Number(a.batch.kettle === than.batch.kettle) ||
          yieldOf(b) - yieldOf(a) ||
          (a.at < b.at ? 1 : -1),
      )[0] ?? null
  );
}
