import { differenceInCalendarDays } from "date-fns";
import type { Night, Weather } from "@/core/readings/night";
import { clock } from "./times";
import type { Units } from "./units";

/** Who says how cold this night gets, and when. */
export function nightBy({ by, at }: Night, now: string): string {
  if (by === "said" && at !== null) return `as you said ${daysAgo(at, now)} at ${clock(at)}`;
  if (by === "owner") return "the coldest you expect about now";
  if (by === "home") return "usual about now where your yard is, nobody said";
  return "nobody said, as in a mild northern year";
}

/** Who says how warm the shed is, and when. */
export const shedBy = ({ shed }: Weather, now: string): string =>
  shed === null ? "nobody has looked" : `read ${daysAgo(shed.at, now)}`;

/** Both in half a line: it stands beside the day's own name. */
export const weatherLine = (weather: Weather, shedCelsius: number, now: string, { celsius }: Units): string =>
  `Shed ${celsius(shedCelsius)}, ${shedBy(weather, now)}; tonight ${celsius(weather.tonight.celsius)}, ${nightShort(weather.tonight, now)}.`;

function nightShort({ by, at }: Night, now: string): string {
  if (by === "said" && at !== null) return `said ${daysAgo(at, now)}`;
  return by === "owner" ? "by your months" : by === "home" ? "usual there, nobody said" : "nobody said";
}

function daysAgo(at: string, now: string): string {
  const days = differenceInCalendarDays(new Date(now), new Date(at));
  if (days <= 0) return "today";
  return days === 1 ? "yesterday" : `${days} days ago`;
}
