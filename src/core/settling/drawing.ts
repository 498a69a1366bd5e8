import { Refused } from "../numerics";
import { litresAtHeight, type VesselForm } from "../vessels";
import { drainSeconds, outflowLitresPerMinute } from "./drain";

/** What oil is drawn through: a hose, or a hole if it has no length, whose end lies `dropMm` below the draw-off line. */
export interface Hose {
  readonly diameterMm: number;
  readonly lengthMm: number;
  readonly dropMm: number;
}

export interface DrawPoint {
  readonly seconds: number;
  readonly litres: number;
}

export interface DrawSchedule {
  readonly seconds: number;
  readonly litres: number;
  readonly litresPerMinuteAtFirst: number;
  readonly litresPerMinuteAtLast: number;
  /** Litres by time, from nothing to all. */
  readonly points: readonly DrawPoint[];
}

const SLICES = 40;

/**
 * Drawing a vessel down from its surface to a line: the outlet's own law (Hagen–Poiseuille with losses, `drain-time`)
 * slice by slice, each with its own plan area, so that cones and lying drums come out right. Kinematic viscosity in mm²/s.
 */
export function drawSchedule(
  form: VesselForm,
  surfaceMm: number,
  lineMm: number,
  hose: Hose,
  nuMm2PerS: number,
): DrawSchedule {
  if (!(surfaceMm > lineMm)) throw new Refused("lineMm", "lies at the surface: there is nothing to draw");
  const step = (surfaceMm - lineMm) / SLICES;
  const points: DrawPoint[] = [{ seconds: 0, litres: 0 }];
  let seconds = 0;
  let drawn = 0;
  for (let i = 0; i < SLICES; i++) {
    const top = surfaceMm - i * step;
    const litres = litresAtHeight(form.shape, top) - litresAtHeight(form.shape, Math.max(lineMm, top - step));
    const outlet = { ...hose, headMm: top - lineMm + hose.dropMm, areaM2: litres / step };
    const took = drainSeconds(outlet, litres, nuMm2PerS);
    if (took === null) throw new Refused("dropMm", "the outlet lies above the line: it runs dry before");
    seconds += took;
    drawn += litres;
    points.push({ seconds, litres: drawn });
  }
  const rate = (headMm: number): number => outflowLitresPerMinute({ ...hose, headMm, areaM2: 1 }, nuMm2PerS);
  return {
    seconds,
    litres: drawn,
    litresPerMinuteAtFirst: rate(surfaceMm - lineMm + hose.dropMm),
    litresPerMinuteAtLast: rate(hose.dropMm),
    points,
  };
}

/** How a draw that nobody watches ends. */
export interface DrawEnd {
  readonly seconds: number;
  readonly litres: number;
  readonly because: "line" | "receiver";
}

/** It ends at the line, or sooner where what it runs into is full. */
export function drawEnd(schedule: DrawSchedule, roomLitres: number): DrawEnd {
  if (roomLitres >= schedule.litres) return { seconds: schedule.seconds, litres: schedule.litres, because: "line" };
  return { seconds: secondsFor(schedule.points, roomLitres), litres: roomLitres, because: "receiver" };
}

/** Litres that have come after some seconds. */
export function litresAfter(points: readonly DrawPoint[], seconds: number): number {
  return between(
    points,
    seconds,
    (p) => p.seconds,
    (p) => p.litres,
  );
}

/** Seconds until so many litres have come; that of the last point for more than there are. */
export function secondsFor(points: readonly DrawPoint[], litres: number): number {
  return between(
    points,
    litres,
    (p) => p.litres,
    (p) => p.seconds,
  );
}

function between(
  points: readonly DrawPoint[],
  at: number,
  x: (p: DrawPoint) => number,
  y: (p: DrawPoint) => number,
): number {
  const i = points.findIndex((p) => x(p) >= at);
  const high = points[i];
  const low = points[i - 1];
  if (!high) return y(points.at(-1) ?? { seconds: 0, litres: 0 });
  if (!low) return y(high);
  return y(low) + ((y(high) - y(low)) * (at - x(low))) / (x(high) - x(low));
}
