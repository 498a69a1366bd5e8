import type { FluidClass, RanOn, RecipeState, Rung, Shares, TrialState } from "../../ledger";
import { isRisky } from "../../ledger/ranOn";

/** How far a recipe has climbed. */
export interface Ladder {
  /** The last word on each rung. */
  readonly rungs: Readonly<Record<Rung, TrialState | null>>;
  /** The next rung to try; null where a good engine may have it. */
  readonly next: Rung | null;
  /** Something on the way was bad: it goes no further until that rung is tried again. */
  readonly stoppedAt: Rung | null;
}

/** Before a good engine: a jar, a litre, and a stove or an engine that may spoil. */
export function ladderOf({ trials }: RecipeState): Ladder {
  const last = (rung: Rung): TrialState | null => trials.findLast((t) => t.rung === rung) ?? null;
  const rungs = {
    jar: last("jar"),
    litre: last("litre"),
    stove: last("stove"),
    "old-engine": last("old-engine"),
    "good-engine": last("good-engine"),
  };
  const burned = [rungs.stove, rungs["old-engine"]].filter((t) => t !== null);
  const best = burned.find(isFilledWell) ?? burned.at(-1) ?? null;
  const way: readonly (readonly [Rung, TrialState | null, boolean])[] = [
    ["jar", rungs.jar, rungs.jar?.verdict === "good"],
    ["litre", rungs.litre, rungs.litre?.verdict === "good"],
    ["old-engine", best, best !== null && isFilledWell(best)],
  ];
  const open = way.find(([, , passed]) => !passed);
  const bad = way.find(([, trial]) => trial?.verdict === "bad");
  return { rungs, next: open?.[0] ?? null, stoppedAt: bad?.[1]?.rung ?? null };
}

const IN_ENGINE = ["start", "idleSmoke", "town", "longRun", "sound", "power"] as const;

/** Of a stove the flame says all; of an engine every line of the card. */
const isFilledWell = (t: TrialState): boolean =>
  t.verdict === "good" &&
  (t.rung === "stove" ? t.card?.flame !== undefined : IN_ENGINE.every((line) => t.card?.[line] !== undefined));

/** Lines of the card that a rung asks for. */
export const cardOf = (rung: Rung): readonly ("flame" | (typeof IN_ENGINE)[number])[] =>
  rung === "stove" ? ["flame"] : rung === "old-engine" || rung === "good-engine" ? IN_ENGINE : [];

/** It has climbed the ladder, and no good engine has said otherwise since. */
export function isProven(state: RecipeState): boolean {
  const { next, rungs } = ladderOf(state);
  return next === null && rungs["good-engine"]?.verdict !== "bad";
}

/** A little more than was tried is no new recipe. */
const MORE_THAN_RECIPE = 0.05;
const MORE_THAN_RUN = 0.1;
/** A cupful is no trial. */
const RAN_LITRES = 5;

/** Whether a mix has no more of any oil, and no more petrol, than a proven recipe, or than the engine ran on. */
export function isTried(mix: Shares, proven: readonly Shares[], ranOn: readonly RanOn[]): boolean {
  const within = (known: Shares, more: number): boolean =>
    (Object.entries(mix) as [FluidClass, number][]).every(
      ([c, share]) => !isRisky(c) || share <= (known[c] ?? 0) + more,
    );
  return (
    proven.some((p) => within(p, MORE_THAN_RECIPE)) ||
    ranOn.some((r) => r.litres >= RAN_LITRES && within(r.shares, MORE_THAN_RUN))
  );
}
