import type { PastForecast } from "@/core/readings";
import { formatNumber } from "@/core/units";

/** Fit to burn: clear, or with a haze. */
const CAME_WELL = 2;

/** Days that forecasts were off, and how it came where somebody looked. */
export function recordWords(past: readonly PastForecast[]): string {
  const dated = past.flatMap((p) => p.daysAfter ?? []);
  if (dated.length === 0) return "Nothing has been drawn off yet that was forecast.";
  const mean = dated.reduce((sum, d) => sum + d, 0) / dated.length;
  const off = dated.reduce((sum, d) => sum + Math.abs(d), 0) / dated.length;
  const days = `The last ${dated.length} were drawn ${formatNumber(Math.abs(mean), 1)} days ${mean < 0 ? "before" : "after"} the day that was forecast when they were filled, on average; ${formatNumber(off, 1)} days off it either way.`;
  const looked = past.filter((p) => p.came !== null && p.forecastAt !== null);
  if (looked.length === 0)
    return `${days} Say how it came when you draw, and this tells whether the forecast or the hurry was wrong.`;
  const early = looked.filter((p) => p.drawnAt >= (p.forecastAt ?? "") && (p.came ?? 5) > CAME_WELL).length;
  const late = looked.filter((p) => p.drawnAt < (p.forecastAt ?? "") && (p.came ?? 5) === 1).length;
  const held = looked.length - early - late;
  return `${days} Where somebody looked: ${held} came as forecast, ${early} cloudier, ${late} clear sooner.`;
}
