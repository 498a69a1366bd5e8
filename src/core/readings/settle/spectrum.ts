import {
  coolingClear,
  DIRT,
  type DirtDensity,
  type FallCourse,
  forecastSettling,
  type SettlingForecast,
  scaled,
} from "../../settling";
import { HUNG_AS } from "./hanging";
import type { Question } from "./settlingQuestion";

/** One kind of grain of a lot, as wide as this shed's own readings have it, and what of it still hangs above the line. */
export interface Hanging {
  readonly name: string;
  readonly diameterUm: number;
  readonly density: DirtDensity;
  readonly volumeShare: number;
  readonly hangingShare: number;
  /** Above this height it is gone; null: what hangs of it hangs alike at every depth. */
  readonly clearedAboveMm: number | null;
}

/** All of it by the table that the fronts fall by: what is drawn now takes this along, and the bags get it. */
export function spectrumOf(
  q: Question,
  course: FallCourse,
  own: SettlingForecast,
  forecast: SettlingForecast,
): Hanging[] {
  const all = DIRT[q.dirt];
  const size = q.grains.size;
  // Those that it waits for have their fronts already.
  const others = all.filter((c) => !q.classes.includes(c));
  const beside = others.length > 0 ? forecastSettling({ ...q, classes: others, course, size }).fronts : [];
  const fined = forecast.slowest === "gelatine" ? (forecast.fronts[0]?.hanging ?? 0) : null;
  const depthMm = q.surfaceMm - q.drawOffMm;
  return all.map((c) => {
    const dirt = scaled(c, size.value);
    const front = q.classes.includes(c) ? own.fronts[q.classes.indexOf(c)] : beside[others.indexOf(c)];
    const kept = { name: c.name, diameterUm: dirt.diameterUm, density: dirt.density, volumeShare: c.volumeShare };
    if (fined !== null) return { ...kept, hangingShare: fined, clearedAboveMm: null };
    if (q.stillHours === null || front?.floats !== false || depthMm <= 0)
      return { ...kept, hangingShare: front?.hanging ?? 0, clearedAboveMm: front?.clearedAboveMm ?? null };
    const cooling = coolingClear(course, dirt, depthMm, q.stillHours, q.hung?.[HUNG_AS[c.density.kind]]);
    return {
      ...kept,
      hangingShare: cooling.hangingAt(q.hours),
      clearedAboveMm: q.surfaceMm - cooling.clearedShareAt(q.hours) * depthMm,
    };
  });
}
