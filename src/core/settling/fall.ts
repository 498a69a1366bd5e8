import { bisect, integrate } from "../numerics";
import { type DirtClass, dirtKgPerM3 } from "./dirt";
import type { SettlingOil } from "./oil";
import { stokesVelocityMPerS } from "./stokes";

/** Temperature at an hour since the start; linear between points, the first and last held outside them. */
export type TemperaturePoint = readonly [hour: number, celsius: number];

const KELVIN_PER_PANEL = 1;

/** mm per hour at which a dirt class falls through the oil. */
export function fallRateMmPerHour(dirt: DirtClass, oil: SettlingOil, celsius: number): number {
  const velocity = stokesVelocityMPerS(
    dirt.diameterUm,
    dirtKgPerM3(dirt.density, oil, celsius),
    oil.kgPerM3(celsius),
    oil.viscosityPaS(celsius),
  );
  return velocity * 3_600_000;
}

interface Segment {
  readonly from: number;
  readonly to: number;
  readonly startCelsius: number;
  readonly endCelsius: number;
}

/** The pieces of the curve, one after another; read only as far as the fall needs them. */
function* segments(temperatures: readonly TemperaturePoint[]): Generator<Segment> {
  const first = temperatures[0];
  if (!first) throw new Error("settling needs at least one temperature");
  if (first[0] > 0) yield { from: 0, to: first[0], startCelsius: first[1], endCelsius: first[1] };
  let [h0, c0] = first;
  for (let i = 1; i < temperatures.length; i++) {
    const [h1, c1] = temperatures[i] ?? first;
    if (h1 > 0) {
      const startCelsius = h0 < 0 ? c0 + ((c1 - c0) * -h0) / (h1 - h0) : c0;
      yield { from: Math.max(h0, 0), to: h1, startCelsius, endCelsius: c1 };
    }
    [h0, c0] = [h1, c1];
  }
  yield { from: Math.max(h0, 0), to: Number.POSITIVE_INFINITY, startCelsius: c0, endCelsius: c0 };
}

/** mm fallen between the segment's start and `until`. */
function fallWithin(s: Segment, until: number, rate: (celsius: number) => number): number {
  if (s.startCelsius === s.endCelsius) return (until - s.from) * rate(s.startCelsius);
  const slope = (s.endCelsius - s.startCelsius) / (s.to - s.from);
  const panels = Math.ceil(Math.abs(s.endCelsius - s.startCelsius) / KELVIN_PER_PANEL);
  return integrate((hour) => rate(s.startCelsius + slope * (hour - s.from)), s.from, until, panels);
}

/**
 * mm a class has fallen by an hour: ∫v dt with the temperature piecewise linear in time. Past `enoughMm` nobody asks
 * how far it would have gone on through the bottom, so the sum stops there.
 */
export function fallMmAt(
  dirt: DirtClass,
  oil: SettlingOil,
  temperatures: readonly TemperaturePoint[],
  hours: number,
  enoughMm: number,
): number {
  const rate = (celsius: number): number => fallRateMmPerHour(dirt, oil, celsius);
  let sum = 0;
  for (const s of segments(temperatures)) {
    if (s.from >= hours || sum >= enoughMm) break;
    sum += fallWithin(s, Math.min(s.to, hours), rate);
  }
  return sum;
}

/** Hours until a class has fallen so far, or null where it does not sink at the temperature that is held last. */
export function hoursToFall(
  dirt: DirtClass,
  oil: SettlingOil,
  temperatures: readonly TemperaturePoint[],
  fallMm: number,
): number | null {
  if (fallMm <= 0) return 0;
  const rate = (celsius: number): number => fallRateMmPerHour(dirt, oil, celsius);
  let fallen = 0;
  for (const s of segments(temperatures)) {
    if (s.to === Number.POSITIVE_INFINITY) {
      const last = rate(s.startCelsius);
      return last > 0 ? s.from + (fallMm - fallen) / last : null;
    }
    const whole = fallWithin(s, s.to, rate);
    if (fallen + whole >= fallMm) {
      const reached = fallen;
      return bisect((hour) => reached + fallWithin(s, hour, rate) - fallMm, s.from, s.to);
    }
    fallen += whole;
  }
  return null;
}
