import type { TripEvent } from "./rig";
import { coolantCelsius, type WarmUp } from "./warmUp";

/** How slowly a stopped engine cools, minutes to the third part of what it was above the air: typical, without a source. */
const COOLING_TAU_MINUTES = 90;

/**
 * Coolant at a minute of a trip, °C: it warms while the engine runs and cools while it stands; a look at the gauge
 * overrules both from there on.
 */
export function coolantAlong(engine: WarmUp, events: readonly TripEvent[], minute: number): number {
  let [celsius, at, runs] = [engine.startCelsius, 0, false];
  const onTo = (to: number): void => {
    const minutes = Math.max(0, to - at);
    celsius = runs
      ? coolantCelsius({ ...engine, startCelsius: celsius }, minutes)
      : engine.ambientCelsius + (celsius - engine.ambientCelsius) * Math.exp(-minutes / COOLING_TAU_MINUTES);
    at = to;
  };
  for (const e of events) {
    if (e.minute > minute) break;
    onTo(e.minute);
    if (e.what === "start") runs = true;
    else if (e.what === "stop") runs = false;
    else if (e.what === "read" && e.coolantCelsius !== undefined) celsius = e.coolantCelsius;
  }
  onTo(minute);
  return celsius;
}
