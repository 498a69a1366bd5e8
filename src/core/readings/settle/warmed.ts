import {
  type CoolingClear,
  coolingClear,
  type DirtShare,
  type FallCourse,
  type SettlingForecast,
  scaled,
} from "../../settling";
import { HUNG_AS } from "./hanging";
import type { Question } from "./settlingQuestion";

/** Without readings the grains may be a fifth smaller or larger. */
const ASSUMED_SPREAD = 0.2;
const WIDEST_SPREAD = 0.6;

/** What hung of a class as its heater went off: by its kind, or all of it. */
export const hungWhenWarmed = (q: Pick<Question, "classes" | "hung">, classIndex: number): number => {
  const dirt = q.classes[classIndex];
  return q.hung && dirt ? q.hung[HUNG_AS[dirt.density.kind]] : 1;
};

const slowness = (hours: number | null): number => hours ?? Number.POSITIVE_INFINITY;

/**
 * The forecast of a lot that a heater warmed: while it cools it goes round and has no front; then what is left falls.
 * Classes that float are left as they were: they gather on top either way.
 */
export function warmedForecast(
  own: SettlingForecast,
  q: Pick<Question, "classes" | "grains" | "hung" | "surfaceMm" | "drawOffMm" | "hours">,
  course: FallCourse,
  stillHours: number,
): SettlingForecast {
  const depthMm = q.surfaceMm - q.drawOffMm;
  const { value, spread } = q.grains.size;
  const of = (dirt: DirtShare, times: number): CoolingClear =>
    coolingClear(course, scaled(dirt, value * times), depthMm, stillHours, hungWhenWarmed(q, q.classes.indexOf(dirt)));
  const each = own.fronts.flatMap((front, i) => {
    const dirt = q.classes[i];
    return dirt && !front.floats ? [{ dirt, clear: of(dirt, 1) }] : [];
  });
  const last = each.reduce<(typeof each)[number] | null>(
    (a, b) => (a === null || slowness(b.clear.clearHours) > slowness(a.clear.clearHours) ? b : a),
    null,
  );
  if (last === null) return own;
  const relative = Math.min(WIDEST_SPREAD, spread === null ? ASSUMED_SPREAD : spread / value);
  return {
    fronts: own.fronts.map((front, i) => {
      const clear = each.find((e) => e.dirt === q.classes[i])?.clear;
      if (!clear) return front;
      return {
        ...front,
        clearedAboveMm: q.surfaceMm - clear.clearedShareAt(q.hours) * depthMm,
        hanging: clear.hangingAt(q.hours),
        clearHours: clear.clearHours,
      };
    }),
    readyHours: last.clear.clearHours,
    earliestHours: of(last.dirt, 1 + relative).clearHours,
    latestHours: of(last.dirt, 1 - relative).clearHours,
    slowest: last.dirt.name,
  };
}
