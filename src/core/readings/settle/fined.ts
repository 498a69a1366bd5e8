import type { VesselState, YardState } from "../../ledger";
import type { SettlingForecast } from "../../settling";

/**
 * Hours that gelatine takes to set and sink, for a lot that was fined and has stood since; null for any other. What it
 * catches goes down with its cake whatever the grains: the forecast is fining's own.
 */
export const finingRestHours = (yard: YardState, { quality, stirredAt }: VesselState): number | null =>
  quality.finedAt !== null && quality.finedAt === stirredAt ? yard.settings.fining.restHours : null;

/** How far the cake has sunk, 0 to 1. */
export const sunkShare = (hours: number, restHours: number): number => Math.min(1, Math.max(0, hours / restHours));

/** The forecast of a fined lot: everything goes down together, and is down when the gelatine has rested. */
export function finedForecast(
  forecast: SettlingForecast,
  q: { readonly hours: number; readonly surfaceMm: number },
  restHours: number,
): SettlingForecast {
  const sunk = sunkShare(q.hours, restHours);
  return {
    fronts: forecast.fronts.map((f) => ({
      ...f,
      clearedAboveMm: q.surfaceMm * (1 - sunk),
      hanging: 1 - sunk,
      clearHours: restHours,
    })),
    readyHours: restHours,
    earliestHours: restHours,
    latestHours: restHours,
    slowest: "gelatine",
  };
}
