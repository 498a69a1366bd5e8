import type { SettlingForecast } from "../../settling";

/** Some batches take half as long again, some two thirds: without a clear jar nobody knows. */
const SOONEST = 0.7;
const LATEST = 1.6;

export const GUMS = "gums";

/** How much of them is down after some hours, as a jar shows it: all of it once nine tenths are. */
export const gumsDown = (hours: number, gumHours: number): number =>
  hours >= gumHours ? 1 : 1 - Math.exp((-hours * Math.LN10) / gumHours);

/** A petrol blend's forecast: its dirt falls as in any oil as thin as it, and its gums by their own clock. */
export function gummedForecast(
  own: SettlingForecast,
  q: { readonly hours: number; readonly surfaceMm: number },
  gumHours: number,
): SettlingForecast {
  const last = (hours: number | null, gums: number): number | null => (hours === null ? null : Math.max(hours, gums));
  const hanging = Math.exp((-q.hours * Math.LN10) / gumHours);
  const isLast = own.readyHours !== null && own.readyHours <= gumHours;
  return {
    // They come out all through it: no line above which they are gone.
    fronts: [
      ...own.fronts,
      {
        name: GUMS,
        floats: false,
        clearedAboveMm: q.hours >= gumHours ? 0 : q.surfaceMm,
        hanging,
        clearHours: gumHours,
      },
    ],
    readyHours: last(own.readyHours, gumHours),
    earliestHours: last(own.earliestHours, SOONEST * gumHours),
    latestHours: last(own.latestHours, LATEST * gumHours),
    slowest: isLast ? GUMS : own.slowest,
  };
}
