import type { DirtClass } from "./dirt";
import { fallMmAt, hoursToFall, type TemperaturePoint } from "./fall";
import type { SettlingOil } from "./oil";

/** Without readings the dirt may be a fifth smaller or larger than its class says. */
const SIZE_SPREAD = 0.2;

export interface SettlingQuestion {
  readonly classes: readonly DirtClass[];
  readonly oil: SettlingOil;
  readonly temperatures: readonly TemperaturePoint[];
  readonly surfaceMm: number;
  readonly drawOffMm: number;
  /** Hours since it was last stirred. */
  readonly hours: number;
}

export interface ClassFront {
  readonly name: string;
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
 * hangs above that depth. Ready when the slowest class has cleared from the surface to the draw-off line. The range is
 * what a fifth in grain size does, since time goes with 1/d².
 */
export function forecastSettling(q: SettlingQuestion): SettlingForecast {
  const depthMm = q.surfaceMm - q.drawOffMm;
  const each = q.classes.map((dirt) => {
    const fallen = fallMmAt(dirt, q.oil, q.temperatures, q.hours, q.surfaceMm);
    const hours = hoursToFall(dirt, q.oil, q.temperatures, depthMm);
    return {
      dirt,
      front: {
        name: dirt.name,
        clearedAboveMm: Math.max(0, q.surfaceMm - fallen),
        hanging: depthMm > 0 ? Math.min(1, Math.max(0, 1 - fallen / depthMm)) : 0,
        clearHours: hours,
      },
      hours,
    };
  });
  const slowest = each.reduce((a, b) => ((b.hours ?? Infinity) > (a.hours ?? Infinity) ? b : a));
  const scaled = (factor: number): number | null =>
    hoursToFall({ ...slowest.dirt, diameterUm: slowest.dirt.diameterUm * factor }, q.oil, q.temperatures, depthMm);
  return {
    fronts: each.map((e) => e.front),
    readyHours: slowest.hours,
    earliestHours: scaled(1 + SIZE_SPREAD),
    latestHours: scaled(1 - SIZE_SPREAD),
    slowest: slowest.dirt.name,
  };
}
