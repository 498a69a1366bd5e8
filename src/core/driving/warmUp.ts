import { median } from "simple-statistics";
import { type Fitted, fitNonlinear, fitted, Refused } from "../numerics";
import { TYPICAL_TAU_MINUTES } from "./usual";

/** A cold or a warm start: temperatures in °C. The engine would settle at ambient + rise without its thermostat. */
export interface WarmUp {
  readonly ambientCelsius: number;
  readonly startCelsius: number;
  readonly riseK: number;
  readonly thermostatCelsius: number;
  readonly tauMinutes: number;
}

/** Coolant in °C after some minutes: min(thermostat, start + (ambient + rise − start)·(1 − e^(−t/τ))). */
export function coolantCelsius(w: WarmUp, minutes: number): number {
  const reach = w.ambientCelsius + w.riseK - w.startCelsius;
  return Math.min(w.thermostatCelsius, w.startCelsius + reach * (1 - Math.exp(-minutes / w.tauMinutes)));
}

/** Minutes until the coolant is at a temperature; null where the thermostat or the cold keep it below. */
export function minutesToCoolant(w: WarmUp, celsius: number): number | null {
  if (celsius <= w.startCelsius) return 0;
  if (celsius > w.thermostatCelsius) return null;
  const share = (celsius - w.startCelsius) / (w.ambientCelsius + w.riseK - w.startCelsius);
  return share < 1 && share > 0 ? -w.tauMinutes * Math.log(1 - share) : null;
}

/** One look at the gauge on a trip. */
export interface WarmUpReading {
  readonly ambientCelsius: number;
  readonly startCelsius: number;
  readonly minutes: number;
  readonly coolantCelsius: number;
}

/** A gauge this near the thermostat has stopped telling how fast it got there. */
const HELD_K = 1;

/**
 * τ in minutes from logged trips, least squares on the gauge's °C. Readings at the thermostat are left out: they only
 * say that it was there by then. Refuses where none is left.
 */
export function fitTau(readings: readonly WarmUpReading[], riseK: number, thermostatCelsius: number): Fitted {
  const moving = readings.filter((r) => r.minutes > 0 && r.coolantCelsius < thermostatCelsius - HELD_K);
  if (moving.length === 0)
    throw new Refused("readings", "the engine was at its thermostat by all of them: note one earlier");
  const fit = fitNonlinear(
    moving.map((r, i) => [i, r.coolantCelsius]),
    ([tauMinutes = TYPICAL_TAU_MINUTES]) =>
      (i) => {
        const r = moving[i];
        return r ? coolantCelsius({ ...r, riseK, thermostatCelsius, tauMinutes }, r.minutes) : Number.NaN;
      },
    [{ start: startOf(moving, riseK), min: LEAST_TAU_MINUTES, max: MOST_TAU_MINUTES }],
    "readings",
  );
  return fitted(fit.values[0] ?? Number.NaN, fit.errors[0] ?? null, moving.length);
}

const LEAST_TAU_MINUTES = 0.2;
const MOST_TAU_MINUTES = 240;

/** What the middle one of the looks says by itself: from far off, a first step may land where the curve is flat. */
function startOf(readings: readonly WarmUpReading[], riseK: number): number {
  const each = readings.flatMap((r) => {
    const share = (r.coolantCelsius - r.startCelsius) / (r.ambientCelsius + riseK - r.startCelsius);
    const tauMinutes = share > 0 && share < 1 ? -r.minutes / Math.log1p(-share) : Number.NaN;
    // A look that says less or more than any engine does says nothing of where to begin.
    return tauMinutes >= LEAST_TAU_MINUTES && tauMinutes <= MOST_TAU_MINUTES ? [tauMinutes] : [];
  });
  return each.length > 0 ? median(each) : TYPICAL_TAU_MINUTES;
}
