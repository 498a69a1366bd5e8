import type { FallCourse } from "./course";
import type { DirtClass } from "./dirt";

/** So little of a class hangs that a jar of it is as clear as fresh oil. */
const CLEAR_SHARE = 0.05;
/** Of warm oil and the shed this much apart, nothing goes round any more. */
const STILL_KELVIN = 1;
const MOST_DEPTHS = 50;

/** Hours until warm oil is so near its shed that it stands still: Newton's cooling. */
export const hoursUntilStill = (warmerByKelvin: number, coolingHours: number): number =>
  warmerByKelvin <= STILL_KELVIN ? 0 : coolingHours * Math.log(warmerByKelvin / STILL_KELVIN);

export interface CoolingClear {
  /** Of what hung as the heater went off, the share that still hangs. */
  hangingAt(hours: number): number;
  /** Share of the depth that is clear from above: none while it goes round. */
  clearedShareAt(hours: number): number;
  /** Hours until next to nothing hangs; null where it does not sink. */
  readonly clearHours: number | null;
}

/**
 * A class in oil that was warmed and left: while it cools it goes round, and of what hangs e^(−∫v dt/h) still hangs; once
 * it stands still the rest falls as a front. What lies stays down. Depth in mm. Source: physics §3.
 */
export function coolingClear(
  course: FallCourse,
  dirt: DirtClass,
  depthMm: number,
  stillHours: number,
  hung = 1,
): CoolingClear {
  const depths = (hours: number): number => Math.max(0, course.fallMmAt(dirt, hours, MOST_DEPTHS * depthMm)) / depthMm;
  const turned = depths(stillHours);
  const left = hung * Math.exp(-turned);
  const stillShareAt = (hours: number): number => (hours <= stillHours ? 0 : Math.min(1, depths(hours) - turned));
  const wanted = hung > CLEAR_SHARE ? Math.log(hung / CLEAR_SHARE) : 0;
  const fall = wanted <= turned ? wanted : turned + Math.max(0, 1 - CLEAR_SHARE / left);
  return {
    hangingAt: (hours) => (hours <= stillHours ? hung * Math.exp(-depths(hours)) : left * (1 - stillShareAt(hours))),
    clearedShareAt: stillShareAt,
    clearHours: course.hoursToFall(dirt, fall * depthMm),
  };
}
