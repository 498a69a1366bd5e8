import { differenceInCalendarDays, format } from "date-fns";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";

/** Days and hours as one says them in a yard; always the reader's own clock and time zone. */
export const dayName = (iso: string): string => format(new Date(iso), "EEEE d MMMM");
export const shortDay = (iso: string): string => format(new Date(iso), "EEE d MMM");
export const fullDay = (iso: string): string => format(new Date(iso), "d MMM yyyy");
/** With its year: where a yard of years is looked through. */
export const fullMoment = (iso: string): string => format(new Date(iso), "EEE d MMM yyyy, HH:mm");
export const clock = (iso: string): string => format(new Date(iso), "HH:mm");
export const dayAndClock = (iso: string): string => format(new Date(iso), "EEE d MMM, HH:mm");

/** When something is due, in two short words: what, and how far off. */
export function due(dueAt: string, now: string): { main: string; sub: string } {
  if (dueAt <= now) return { main: "Now", sub: "" };
  const days = differenceInCalendarDays(new Date(dueAt), new Date(now));
  const hours = (Date.parse(dueAt) - Date.parse(now)) / MS_PER_HOUR;
  if (days === 0)
    return { main: clock(dueAt), sub: hours < 1.5 ? `in ${Math.round(hours * 60)} min` : `in ${Math.round(hours)} h` };
  return { main: shortDay(dueAt), sub: days === 1 ? "tomorrow" : `${days} days` };
}

/** "about Mon 30 Nov" of a day that is to come; "since Mon 16 Nov" of one that has passed: what has been is no guess. */
export const aboutDay = (iso: string, now: string): string =>
  iso <= now ? `since ${shortDay(iso)}` : `about ${shortDay(iso)}`;

/** "today", "day 1", "day 16": how long something has stood. */
export function standingDays(since: string, now: string): string {
  const days = Math.floor((Date.parse(now) - Date.parse(since)) / MS_PER_DAY);
  return days <= 0 ? "today" : `day ${days}`;
}
