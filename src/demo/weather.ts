import { MS_PER_DAY } from "@/core/units";

/** The made-up island: a shed between 6 °C in February and 19 °C in August, nights well below it in winter. */
const YEAR_MS = 365.25 * MS_PER_DAY;
const COLDEST_MS = Date.UTC(2026, 1, 8);

const season = (atMs: number): number => -Math.cos((2 * Math.PI * (atMs - COLDEST_MS)) / YEAR_MS);

export const shedCelsius = (atMs: number, wobble: number): number =>
  Math.round((12.5 + 6.5 * season(atMs) + wobble) * 2) / 2;
export const nightLowCelsius = (atMs: number, wobble: number): number => Math.round(7 + 7.5 * season(atMs) + wobble);
