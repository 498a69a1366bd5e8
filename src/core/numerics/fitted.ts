/** How far to trust a fitted number. */
export type Trust = "assumed" | "rough" | "fair" | "good";

/** A number learnt from readings. */
export interface Fitted {
  readonly value: number;
  /** One standard error, in the value's unit; null where the readings are too few to show one. */
  readonly spread: number | null;
  readonly readings: number;
  readonly trust: Trust;
}

const FAIR = { readings: 3, relative: 0.25 };
const GOOD = { readings: 5, relative: 0.1 };

/**
 * A plain word from the number of readings and their spread: nothing read is assumed; few or scattered is rough; three
 * within a quarter is fair; five within a tenth is good.
 */
export function trustOf(value: number, spread: number | null, readings: number): Trust {
  if (readings === 0) return "assumed";
  const relative = spread === null ? Infinity : Math.abs(spread / value);
  if (readings >= GOOD.readings && relative <= GOOD.relative) return "good";
  if (readings >= FAIR.readings && relative <= FAIR.relative) return "fair";
  return "rough";
}

export const fitted = (value: number, spread: number | null, readings: number): Fitted => ({
  value,
  spread,
  readings,
  trust: trustOf(value, spread, readings),
});
