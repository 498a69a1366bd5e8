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

function segments(temperatures: readonly TemperaturePoint[]): Segment[] {
  const first = temperatures[0];
  if (!first) throw new Error("settling needs at least one temperature");
  const points = first[0] > 0 ? [[0, first[1]] as const, ...temperatures] : temperatures;
  const last = points.at(-1) ?? first;
  const pieces: Segment[] = [];
  for (let i = 0; i + 1 < points.length; i++) {
    const [h0, c0] = points[i] ?? first;
    const [h1, c1] = points[i + 1] ?? first;
    if (h1 <= 0) continue;
    const startCelsius = h0 < 0 ? c0 + ((c1 - c0) * -h0) / (h1 - h0) : c0;
    pieces.push({ from: Math.max(h0, 0), to: h1, startCelsius, endCelsius: c1 });
  }
  pieces.push({
    from: Math.max(last[0], 0),
    to: Number.POSITIVE_INFINITY,
    startCelsius: last[1],
    endCelsius: last[1],
  });
  return pieces;
}

/** mm fallen between the segment's start and `until`. */
function fallWithin(s: Segment, until: number, rate: (celsius: number) => number): number {
  if (s.startCelsius === s.endCelsius) return (until - s.from) * rate(s.startCelsius);
  const slope = (s.endCelsius - s.startCelsius) / (s.to - s.from);
  const panels = Math.ceil(Math.abs(s.endCelsius - s.startCelsius) / KELVIN_PER_PANEL);
  return integrate((hour) => rate(s.startCelsius + slope * (hour - s.from)), s.from, until, panels);
}

/** mm a class has fallen by an hour: ∫v dt with the temperature piecewise linear in time. */
export function fallMmAt(
  dirt: DirtClass,
  oil: SettlingOil,
  temperatures: readonly TemperaturePoint[],
  hours: number,
): number {
  const rate = (celsius: number): number => fallRateMmPerHour(dirt, oil, celsius);
  let sum = 0;
  for (const s of segments(temperatures)) {
    if (s.from >= hours) break;
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
