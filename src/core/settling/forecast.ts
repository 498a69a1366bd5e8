import type { FallCourse } from "./course";
import { type DirtClass, scaled } from "./dirt";

/** Without readings the dirt may be a fifth smaller or larger than its class says. */
const ASSUMED_SPREAD = 0.2;
/** A grain size of no width, or twice its own, is no range: the spread stops there. */
const WIDEST_SPREAD = 0.6;

/** Grain sizes as multiples of the classes', with one standard error; from `fitSizeMultiplier`, or as typical. */
export interface GrainSize {
  readonly value: number;
  readonly spread: number | null;
}

/** Nothing read yet. */
export const SIZE_AS_TYPICAL: GrainSize = { value: 1, spread: null };

export interface SettlingQuestion {
  readonly classes: readonly DirtClass[];
  readonly course: FallCourse;
  readonly size: GrainSize;
  readonly surfaceMm: number;
  /** Where the surface stood when the clock started, if oil was drawn off the top since: dirt fell from there. */
  readonly stoodMm?: number | undefined;
  readonly drawOffMm: number;
  /** Hours since it was last stirred. */
  readonly hours: number;
}

export interface ClassFront {
  readonly name: string;
  /** Lighter than the oil: it gathers as scum on top and must be skimmed, it never clears from above. */
  readonly floats: boolean;
  /** Above this height the class is gone now. */
  readonly clearedAboveMm: number;
  /** Share of the class still hanging above the draw-off line, 0 to 1. */
  readonly hanging: number;
  /** Hours since stirring at which it is all below the draw-off line; null: it never sinks that far. */
  readonly clearHours: number | null;
}

export interface SettlingForecast {
  readonly fronts: readonly ClassFront[];
  /** Hours since stirring at which the slowest class has fallen past the draw-off line; null: it never does. */
  readonly readyHours: number | null;
  readonly earliestHours: number | null;
  readonly latestHours: number | null;
  readonly slowest: string;
}

/**
 * Clearing of a well-mixed vessel: a class has cleared a depth h when ∫v dt = h, and max(0, 1 − ∫v/h) of it still
 * hangs above that depth. Ready when the slowest class that sinks has cleared from the surface to the draw-off line.
 * The range is what the grain sizes' own spread does (a fifth, without readings): a grain s times as wide falls s² as fast.
 */
export function forecastSettling(q: SettlingQuestion): SettlingForecast {
  const depthMm = stoodMmOf(q) - q.drawOffMm;
  const each = q.classes.map((typical) => {
    const dirt = scaled(typical, q.size.value);
    return { dirt, front: frontOf(dirt, q) };
  });
  const slowest = each.reduce((a, b) => (slowness(b.front) > slowness(a.front) ? b : a));
  const spread = Math.min(WIDEST_SPREAD, q.size.spread === null ? ASSUMED_SPREAD : q.size.spread / q.size.value);
  const withGrains = (times: number): number | null =>
    slowest.front.floats ? null : q.course.hoursToFall(scaled(slowest.dirt, times), depthMm);
  return {
    fronts: each.map((e) => e.front),
    readyHours: slowest.front.clearHours,
    earliestHours: withGrains(1 + spread),
    latestHours: withGrains(1 - spread),
    slowest: slowest.dirt.name,
  };
}

const stoodMmOf = (q: SettlingQuestion): number => Math.max(q.surfaceMm, q.stoodMm ?? q.surfaceMm);

function frontOf(dirt: DirtClass, q: SettlingQuestion): ClassFront {
  const stoodMm = stoodMmOf(q);
  const fallen = q.course.fallMmAt(dirt, q.hours, stoodMm);
  const floats = q.course.fallMmAt(dirt, 1, stoodMm) < 0;
  const frontMm = Math.min(q.surfaceMm, Math.max(0, stoodMm - fallen));
  const depthMm = q.surfaceMm - q.drawOffMm;
  return {
    name: dirt.name,
    floats,
    clearedAboveMm: frontMm,
    hanging: depthMm > 0 ? Math.max(0, (frontMm - q.drawOffMm) / depthMm) : 0,
    clearHours: floats ? null : q.course.hoursToFall(dirt, stoodMm - q.drawOffMm),
  };
}

/** Scum is skimmed, not waited for: it never holds the others up. */
const slowness = (f: ClassFront): number => (f.floats ? -1 : (f.clearHours ?? Number.POSITIVE_INFINITY));

/** Hours until every class that sinks has fallen so far; null where one never does. What floats is skimmed, not waited for. */
export function hoursUntilClear(
  course: FallCourse,
  classes: readonly DirtClass[],
  sizeMultiplier: number,
  depthMm: number,
): number | null {
  let last = 0;
  for (const typical of classes) {
    const dirt = scaled(typical, sizeMultiplier);
    if (course.fallMmAt(dirt, 1, depthMm) < 0) continue;
    const hours = course.hoursToFall(dirt, depthMm);
    if (hours === null) return null;
    last = Math.max(last, hours);
  }
  return last;
}
