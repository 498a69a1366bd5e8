import { formatNumber } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

const UNITS: UnitTable = {
  min: { factor: 1 },
  minutes: { factor: 1 },
  h: { factor: 60 },
  hours: { factor: 60 },
  s: { factor: 1 / 60 },
};

export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_DAY = 86_400_000;

export const parseMinutes = (text: string): Result<number, QuantityError> => parseQuantity(text, UNITS, "min");

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
