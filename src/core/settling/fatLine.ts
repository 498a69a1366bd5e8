import type { FallCourse } from "./course";
import type { DirtClass } from "./dirt";
import type { FrontPair } from "./sizeFit";

/** A fat line read some hours after stirring, mm from the bottom. */
export interface FatLine {
  readonly hours: number;
  readonly fatMm: number;
}

/** A stick reads to a few millimetres: a line that rose by less has stopped. */
const STICK_MM = 3;
/** At nearly its full height the layer no longer tells how fast it grew. */
const NEARLY_FULL = 0.97;

/**
 * A fat line that rises: the layer holds the share of the flocs that has come down, fall/height. Its full height is
 * where the line stopped, or what the book expects if it is still rising; one reading alone shows no rise.
 */
export function frontsOfFatLines(
  course: FallCourse,
  flocs: DirtClass,
  surfaceMm: number,
  expectedMm: number,
  lines: readonly FatLine[],
): FrontPair[] {
  if (lines.length < 2) return [];
  const last = lines.at(-1)?.fatMm ?? 0;
  const before = lines.at(-2)?.fatMm ?? 0;
  const highest = Math.max(...lines.map((l) => l.fatMm));
  const fullMm = last - before < STICK_MM ? highest : Math.max(expectedMm, highest * 1.05);
  const heightMm = surfaceMm - fullMm;
  if (heightMm <= 0 || fullMm <= 0) return [];
  return lines.flatMap((l) => {
    const share = l.fatMm / fullMm;
    const forecastMm = course.fallMmAt(flocs, l.hours, Number.POSITIVE_INFINITY);
    return share > 0 && share < NEARLY_FULL && forecastMm > 1 ? [{ forecastMm, readMm: share * heightMm }] : [];
  });
}
