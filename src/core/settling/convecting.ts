import type { FallCourse } from "./course";
import type { DirtClass } from "./dirt";

/** Past so many depths nothing that can be told is left hanging. */
const ENOUGH_DEPTHS = 50;

/**
 * Share of a class that still hangs where the oil turns over as it cools: e^(−∫v dt/h), h the depth of the oil in mm;
 * what comes to lie stays down. 1 for what floats. Source: physics §3, after Martin & Nokes 1988.
 */
export function convectingShare(course: FallCourse, dirt: DirtClass, depthMm: number, hours: number): number {
  const fallen = course.fallMmAt(dirt, hours, ENOUGH_DEPTHS * depthMm);
  return Math.exp(-Math.max(0, fallen) / depthMm);
}
