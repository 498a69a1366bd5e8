import type { Way } from "./ways";

type Possible = Extract<Way, { possible: true }>;

/** A kilowatt-hour weighs as much as so many minutes of one's own: enough to break a tie, not to cost an evening. */
const MINUTES_PER_KWH = 2;
const effort = (w: Possible): number => w.minutes + MINUTES_PER_KWH * w.kWh;

/** The way that asks least of one's hands among those that are done in time; null where none is. */
export function chooseWay(ways: readonly Way[], withinDays: number): Possible | null {
  const inTime = ways.filter((w): w is Possible => w.possible && w.days <= withinDays);
  return inTime.reduce<Possible | null>((best, w) => (best === null || effort(w) < effort(best) ? w : best), null);
}
