import { safeUntil as safe } from "../../blending";
import { MS_PER_DAY } from "../../units";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, maybe, whole, word } from "../fields";

export const safeUntil = calculation({
  name: "safe-until",
  room: "blending",
  title: "The last day that a fuel stands the nights",
  equation:
    "the day before the first whose coldest night lies below where the fuel fails; nights along lines from mid-month to mid-month",
  source: "The owner's own coldest nights by month",
  range: "The 396 days from that day on.",
  input: z.strictObject({
    failsBelowCelsius: celsius("Fails below"),
    lowsCelsius: z.array(celsius("Coldest night")).length(12).meta({ title: "Coldest night of each month" }),
    year: whole("Year", "1", 1970, 2200),
    month: whole("Month", "1", 1, 12),
    day: whole("Day", "1", 1, 28),
  }),
  output: z.strictObject({
    days: maybe("Safe for", "d"),
    verdict: word("It is safe", ["not-even-now", "all-year", "until"]),
  }),
  example: {
    failsBelowCelsius: -2,
    lowsCelsius: [-6, -6, -3, 0, 3, 7, 9, 9, 6, 2, -2, -5],
    year: 2026,
    month: 10,
    day: 12,
  },
  answer: "days",
  heavy: false,
  run(i) {
    const from = Date.UTC(i.year, i.month - 1, i.day);
    const found = safe(i.lowsCelsius, i.failsBelowCelsius, from);
    return { days: found.code === "until" ? (found.lastMs - from) / MS_PER_DAY : null, verdict: found.code };
  },
});
