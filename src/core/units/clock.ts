const CLOCK = /^([01]?\d|2[0-4]):([0-5]\d)$/;
const MINUTES_A_DAY = 1440;

/** "09:00" as minutes of the day; 24:00 is the day's end. Null where it is no time of day. */
export function parseClock(text: string): number | null {
  const found = CLOCK.exec(text.trim());
  const minute = found ? Number(found[1]) * 60 + Number(found[2]) : Number.POSITIVE_INFINITY;
  return minute <= MINUTES_A_DAY ? minute : null;
}

/** Minutes of the day as "09:00". */
export const formatClock = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
