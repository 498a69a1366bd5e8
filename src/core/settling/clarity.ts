import { bisect } from "../numerics";
import type { FallCourse } from "./course";
import { type DirtShare, scaled } from "./dirt";
import type { FrontPair } from "./sizeFit";

/**
 * Light is stopped by the grains' cross-section: for a share φ of grains d wide it goes with φ/d, so that fine dirt
 * clouds a jar far more than its litres say. Source: geometric optics, extinction of spheres wide against the light.
 */
const cloudWeight = (d: DirtShare): number => d.volumeShare / d.diameterUm;

/** Cloud still hanging above a depth, 0 to 1 of that as stirred, where every class has moved by its own mm. */
function cloud(classes: readonly DirtShare[], movedMm: readonly number[], depthMm: number): number {
  let all = 0;
  let left = 0;
  for (const [i, d] of classes.entries()) {
    const weight = cloudWeight(d);
    all += weight;
    // What floats clears downwards as what sinks clears upwards.
    left += weight * Math.max(0, 1 - Math.abs(movedMm[i] ?? 0) / depthMm);
  }
  return all > 0 ? left / all : 0;
}

/**
 * How clear oil is above a depth after some hours, 0 as stirred to 1 clear; `drawnMm` of it were drawn off the top since.
 */
export function clarityAt(
  course: FallCourse,
  classes: readonly DirtShare[],
  sizeMultiplier: number,
  depthMm: number,
  hours: number,
  drawnMm = 0,
): number {
  if (depthMm <= 0) return 1;
  const moved = classes.map((d) => course.fallMmAt(scaled(d, sizeMultiplier), hours, depthMm + drawnMm));
  // What has gone down as far as the surface has since been drawn has cleared nothing of what is left.
  const below = moved.map((mm) => (mm > 0 ? Math.max(0, mm - drawnMm) : mm));
  return 1 - cloud(classes, below, depthMm);
}

/** Cloud left in a jar by its step on the bench's scale: like fresh oil, a haze, print reads through it, a shadow, as stirred. */
export const JAR_CLOUD = [0, 0.12, 0.35, 0.65, 1] as const;
export const jarCloud = (step: number): number => JAR_CLOUD[step - 1] ?? 1;

/** The step whose cloud is nearest. */
export function jarStepFor(clarity: number): number {
  const gaps = JAR_CLOUD.map((c) => Math.abs(c - (1 - clarity)));
  return gaps.indexOf(Math.min(...gaps)) + 1;
}

const LEAST = 1e-4;
const MOST = 1e4;

/**
 * What a jar says of the grains: how many times as far as forecast everything must have fallen for so much cloud to be
 * left. Null where it is quite clear or as stirred, which tells only a bound, or where nothing has moved.
 */
export function frontOfJar(
  course: FallCourse,
  classes: readonly DirtShare[],
  hours: number,
  depthMm: number,
  step: number,
): FrontPair | null {
  const wanted = jarCloud(step);
  if (wanted <= 0 || wanted >= 1 || depthMm <= 0) return null;
  const moved = classes.map((d) => course.fallMmAt(d, hours, Number.POSITIVE_INFINITY));
  const forecastMm = Math.min(...moved.map(Math.abs));
  if (forecastMm < 1e-3) return null;
  const left = (logTimes: number): number =>
    wanted -
    cloud(
      classes,
      moved.map((mm) => mm * Math.exp(logTimes)),
      depthMm,
    );
  const [low, high] = [Math.log(LEAST), Math.log(MOST)];
  if (left(low) > 0 || left(high) < 0) return null;
  return { forecastMm, readMm: forecastMm * Math.exp(bisect(left, low, high)) };
}
