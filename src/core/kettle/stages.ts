import type { BatchRecipe, Path, WashWay } from "./recipe";

/** Every stage a batch may have, in the order in which they are done. */
export const STAGES = [
  "dry",
  "warm",
  "acid",
  "acid-settle",
  "acid-split",
  "retitrate",
  "methoxide",
  "mix",
  "settle",
  "split",
  "methoxide-2",
  "mix-2",
  "settle-2",
  "split-2",
  "wash",
  "polish",
  "test",
] as const;
export type Stage = (typeof STAGES)[number];

const ACID: readonly Stage[] = ["acid", "acid-settle", "acid-split", "retitrate"];
const SECOND: readonly Stage[] = ["methoxide-2", "mix-2", "settle-2", "split-2"];

/** The stages of a path. */
export const stagesOf = (path: Path): readonly Stage[] =>
  STAGES.filter((s) => (path === "acid-base" || !ACID.includes(s)) && (path === "two-step" || !SECOND.includes(s)));

/**
 * Whether a kettle may be left alone at a stage: standing and cooling may; fire, methanol that is being moved and a pump
 * that could spray may not.
 */
export const LEFT_ALONE: Readonly<Record<Stage, boolean>> = {
  dry: false,
  warm: false,
  acid: false,
  "acid-settle": true,
  "acid-split": false,
  retitrate: true,
  methoxide: false,
  mix: false,
  settle: true,
  split: false,
  "methoxide-2": false,
  "mix-2": false,
  "settle-2": true,
  "split-2": false,
  wash: false,
  polish: false,
  test: true,
};

/** Stages in which something hot or caustic is being stirred: a power cut there leaves work to judge. */
export const STIRRED: ReadonlySet<Stage> = new Set<Stage>(["acid", "mix", "mix-2"]);

const MINUTES_PER_HOUR = 60;
/** How long an acid stage is stirred and stands, after Canakci & Van Gerpen's hour and a settling of some hours. */
const ACID_MINUTES = 60;
const ACID_SETTLE_HOURS = 4;
/** A wash by way, with the stand after it, minutes each time. */
const WASH_MINUTES: Readonly<Record<WashWay, number>> = { mist: 240, stir: 90, bubble: 360, dry: 60 };

/** How long a stage takes by the recipe; null where it takes as long as the hands need. */
export function stageMinutes(stage: Stage, r: BatchRecipe): number | null {
  switch (stage) {
    case "acid":
      return ACID_MINUTES;
    case "acid-settle":
      return ACID_SETTLE_HOURS * MINUTES_PER_HOUR;
    case "mix":
    case "mix-2":
      return r.mixMinutes;
    case "settle":
    case "settle-2":
      return r.settleHours * MINUTES_PER_HOUR;
    case "wash":
      return WASH_MINUTES[r.wash.how] * (r.wash.how === "dry" ? 1 : r.wash.times);
    default:
      return null;
  }
}

/** What a stage stands at: begun, done, and when it was stopped and went on. */
export interface StageTimes {
  readonly begunAt: string | null;
  readonly doneAt: string | null;
  readonly stoppedAt: string | null;
  /** Minutes it had run until it was stopped, all stops together. */
  readonly ranMinutes: number;
  /** Since when it runs now; null while it is stopped. */
  readonly runsSince: string | null;
}

const MS_PER_MINUTE = 60_000;

/** Minutes that a stage has run, without the time that it stood stopped. */
export const ranMinutes = (t: StageTimes, now: string): number =>
  t.ranMinutes +
  (t.runsSince === null || t.doneAt !== null
    ? 0
    : Math.max(0, (Date.parse(now) - Date.parse(t.runsSince)) / MS_PER_MINUTE));

/** When a stage that runs will have run long enough; null where it stands still or takes no set time. */
export function dueAt(t: StageTimes, minutes: number | null): string | null {
  if (minutes === null || t.runsSince === null || t.doneAt !== null) return null;
  return new Date(Date.parse(t.runsSince) + (minutes - t.ranMinutes) * MS_PER_MINUTE).toISOString();
}
