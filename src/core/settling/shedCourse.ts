import { MS_PER_HOUR } from "../units";
import type { TemperaturePoint } from "./course";

const HOURS_PER_WEEK = 168;

/** Mid-month instants bound each piece: December's of the year before to January's of the year after. */
const midMonthMs = (year: number, month: number): number =>
  (Date.UTC(year, month, 1) + Date.UTC(year, month + 1, 1)) / 2;

/**
 * A shed's temperature on a date by its twelve monthly means, linear from mid-month to mid-month. A month's mean comes
 * out within a tenth of the bend at it, some 0.2 K for a temperate year.
 */
export function yearCelsius(months: readonly number[], atMs: number): number {
  const date = new Date(atMs);
  const year = date.getUTCFullYear();
  const month = date.getUTCMonth();
  const from = atMs < midMonthMs(year, month) ? month - 1 : month;
  const [low, high] = [midMonthMs(year, from), midMonthMs(year, from + 1)];
  const mean = (m: number): number => months[(m + 12) % 12] ?? Number.NaN;
  return mean(from) + ((mean(from + 1) - mean(from)) * (atMs - low)) / (high - low);
}

/** How the temperature goes on after the last that was logged. */
export type Ahead =
  | { readonly kind: "held" }
  | { readonly kind: "typed"; readonly celsius: number }
  | { readonly kind: "year"; readonly months: readonly number[] };

/** From today's reading to the curve, or to what was typed, within a week. */
const BACK_TO_CURVE_WEEKS = 1;
const WEEKS_AHEAD = 104;

/**
 * Logged temperatures, as hours since `sinceMs`, with what is expected after `nowMs`. A typed temperature counts from
 * now on; the year curve from a week on, and two years far. What is held needs no more points.
 */
export function withAhead(
  logged: readonly TemperaturePoint[],
  ahead: Ahead,
  sinceMs: number,
  nowMs: number,
): TemperaturePoint[] {
  if (ahead.kind === "held") return [...logged];
  const nowHour = (nowMs - sinceMs) / MS_PER_HOUR;
  const past = logged.filter(([hour]) => hour < nowHour);
  const held = past.at(-1)?.[1] ?? logged[0]?.[1] ?? Number.NaN;
  const points: TemperaturePoint[] = [...past, [nowHour, held]];
  if (ahead.kind === "typed") return [...points, [nowHour + 1, ahead.celsius]];
  for (let week = BACK_TO_CURVE_WEEKS; week <= WEEKS_AHEAD; week++) {
    const hour = nowHour + week * HOURS_PER_WEEK;
    points.push([hour, yearCelsius(ahead.months, sinceMs + hour * MS_PER_HOUR)]);
  }
  return points;
}

/** The temperature at an hour; linear between points, the ends held. */
export function celsiusAt(points: readonly TemperaturePoint[], hour: number): number {
  const after = points.findIndex(([h]) => h >= hour);
  if (after === -1) return points.at(-1)?.[1] ?? Number.NaN;
  const [h1, c1] = points[after] ?? [0, Number.NaN];
  const [h0, c0] = points[after - 1] ?? [h1, c1];
  return h1 === h0 ? c1 : c0 + ((c1 - c0) * (hour - h0)) / (h1 - h0);
}

/** Time constants at which a cooling curve is sampled: within 1 % of the exponential between them. */
const SAMPLES = [0, 0.15, 0.3, 0.5, 0.75, 1, 1.3, 1.7, 2.2, 3, 4, 6] as const;

/** Oil that was warm at hour 0 and cools to the shed: T = shed + (T₀ − shed₀)·exp(−t/τ). Newton's law, τ in hours. */
export function coolingTo(
  shed: readonly TemperaturePoint[],
  startCelsius: number,
  coolingHours: number,
): TemperaturePoint[] {
  const excess = startCelsius - celsiusAt(shed, 0);
  const hours = new Set<number>([
    ...SAMPLES.map((s) => s * coolingHours),
    ...shed.map(([h]) => h).filter((h) => h > 0),
  ]);
  return [...hours]
    .sort((a, b) => a - b)
    .map((h): TemperaturePoint => [h, celsiusAt(shed, h) + excess * Math.exp(-h / coolingHours)]);
}
