import { MS_PER_DAY } from "../units";

/** The coldest night to expect of each month, January to December, °C. */
export type MonthLows = readonly number[];

const MID_MONTH = 15;
const MONTHS = 12;
/** A year and a month: after that it all comes round again. */
const LOOK_AHEAD_DAYS = 396;

/**
 * The coldest night to expect about a day: from the middle of one month to the middle of the next along a line. `atMs` is
 * UTC; the lows are twelve.
 */
export function lowOnDay(lows: MonthLows, atMs: number): number {
  const day = new Date(atMs);
  const date = day.getUTCDate();
  const from = day.getUTCMonth() - (date < MID_MONTH ? 1 : 0);
  // Day nought of the month after is the last of this one.
  const days = new Date(Date.UTC(day.getUTCFullYear(), from + 1, 0)).getUTCDate();
  const along = (date < MID_MONTH ? date - MID_MONTH + days : date - MID_MONTH) / days;
  const [a = 0, b = 0] = [lows[(from + MONTHS) % MONTHS], lows[(from + 1) % MONTHS]];
  return a + (b - a) * along;
}

/** How long a fuel that fails below a temperature stands the nights to come. */
export type SafeUntil =
  | { readonly code: "not-even-now" }
  | { readonly code: "all-year" }
  /** The last day whose night it stands, UTC. */
  | { readonly code: "until"; readonly lastMs: number };

/** The last day, from one on, before the first whose night is colder than a fuel stands. */
export function safeUntil(lows: MonthLows, failsBelowCelsius: number, fromMs: number): SafeUntil {
  for (let day = 0; day < LOOK_AHEAD_DAYS; day++) {
    if (lowOnDay(lows, fromMs + day * MS_PER_DAY) >= failsBelowCelsius) continue;
    return day === 0 ? { code: "not-even-now" } : { code: "until", lastMs: fromMs + (day - 1) * MS_PER_DAY };
  }
  return { code: "all-year" };
}
