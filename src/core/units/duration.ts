import { formatNumber } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import { ok, type Result } from "./result";

const UNITS: UnitTable = {
  min: { factor: 1 },
  mins: { factor: 1 },
  minute: { factor: 1 },
  minutes: { factor: 1 },
  h: { factor: 60 },
  hr: { factor: 60 },
  hour: { factor: 60 },
  hours: { factor: 60 },
  s: { factor: 1 / 60 },
  d: { factor: 1440 },
  day: { factor: 1440 },
  days: { factor: 1440 },
};

export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_DAY = 86_400_000;

/** "1:20", "1 h 20", "1h20min": hours and the minutes past them, which there are fewer than sixty of. */
const HOURS_AND_MINUTES = /^(\d{1,3})\s*(?::|h|hr|hours?)\s*([0-5]?\d)\s*(?:min|mins|minutes?)?$/i;

/** Minutes, as "90", "90 min", "1:30", "1 h 30", "1.5 h"; a bare number is in `bareUnit`. */
export function parseMinutes(text: string, bareUnit: "min" | "h" = "min"): Result<number, QuantityError> {
  const both = HOURS_AND_MINUTES.exec(text.trim());
  return both ? ok(Number(both[1]) * 60 + Number(both[2])) : parseQuantity(text, UNITS, bareUnit);
}

/** "40 s", "31 min", "1 h 50", "6 days". */
export function formatMinutes(minutes: number): string {
  if (minutes < 1) return `${formatNumber(minutes * 60, 0)} s`;
  if (minutes < 90) return `${formatNumber(minutes, 0)} min`;
  if (minutes < 2880) {
    const whole = Math.round(minutes);
    return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
  }
  return `${formatNumber(minutes / 1440, 0)} days`;
}
