import { type GaugeError, gaugeFields, gaugeText } from "../units";

/**
 * One line of a vehicle's gauges, as `docs/gauge.md` has it: `BB1 s=812 w=78.0 f=71.5 kpa=14 p=90*4F`. Seconds since they
 * were switched on; coolant and fuel at the injection pump in °C, pressure drop over the filter and fuel pressure in kPa,
 * each where there is a sensor, one at the least.
 */
export interface DriveReading {
  readonly seconds: number;
  readonly coolantCelsius: number | null;
  readonly fuelCelsius: number | null;
  readonly dropKPa: number | null;
  readonly pressureKPa: number | null;
}

export function readDriveLine(line: string): DriveReading | GaugeError {
  const figure = gaugeFields(line);
  if (typeof figure === "string") return figure;
  const seconds = figure("s");
  const read = {
    coolantCelsius: figure("w"),
    fuelCelsius: figure("f"),
    dropKPa: figure("kpa"),
    pressureKPa: figure("p"),
  };
  if (seconds === null || seconds < 0 || Object.values(read).every((v) => v === null)) return "incomplete";
  return { seconds, ...read };
}

export const driveLine = (r: DriveReading): string =>
  gaugeText([
    ["s", Math.round(r.seconds), 0],
    ["w", r.coolantCelsius, 1],
    ["f", r.fuelCelsius, 1],
    ["kpa", r.dropKPa, 1],
    ["p", r.pressureKPa, 0],
  ]);

/** Why a reading is not believed. */
export type DriveDoubt = "jumps" | "stands-still" | "too-hot" | "fuel-over-coolant" | "runs-back";

const MOST_CELSIUS = 130;
const LEAST_CELSIUS = -45;
/** No coolant and no fuel changes faster than this. */
const MOST_K_PER_S = 4;
const STILL_SECONDS = 240;
/** Warmed by the coolant, fuel is never warmer; two sensors differ a little. */
const SENSORS_K = 6;

/**
 * What cannot be, in a reading and those before it, oldest first; null where it may be so. A gauge that stands still to a
 * tenth for minutes while an engine is not at its thermostat sticks.
 */
export function doubtOfReading(
  before: readonly DriveReading[],
  next: DriveReading,
  on: { readonly hasHeater: boolean; readonly thermostatCelsius: number },
): DriveDoubt | null {
  const last = before.at(-1);
  const { coolantCelsius: coolant, fuelCelsius: fuel } = next;
  if (last && next.seconds < last.seconds) return "runs-back";
  if ([coolant, fuel].some((c) => c !== null && (c > MOST_CELSIUS || c < LEAST_CELSIUS))) return "too-hot";
  if (last && jumped(last.coolantCelsius, coolant, next.seconds - last.seconds)) return "jumps";
  if (last && jumped(last.fuelCelsius, fuel, next.seconds - last.seconds) && !on.hasHeater) return "jumps";
  if (coolant !== null && fuel !== null && !on.hasHeater && fuel > coolant + SENSORS_K) return "fuel-over-coolant";
  const still = coolant !== null && coolant < on.thermostatCelsius - SENSORS_K;
  const first = before.find((r) => next.seconds - r.seconds <= STILL_SECONDS * 1.5);
  if (
    still &&
    first &&
    next.seconds - first.seconds >= STILL_SECONDS &&
    before.filter((r) => r.seconds >= first.seconds).every((r) => r.coolantCelsius === coolant)
  )
    return "stands-still";
  return null;
}

const jumped = (from: number | null, to: number | null, seconds: number): boolean =>
  from !== null && to !== null && Math.abs(to - from) > MOST_K_PER_S * Math.max(1, seconds) + SENSORS_K;
