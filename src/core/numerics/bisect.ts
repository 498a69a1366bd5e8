import { bisect as halve } from "simple-statistics";

const MOST_STEPS = 200;
/** Of the larger end: a few last bits, so that the halving always comes to an end. */
const SHARPNESS = 1e-15;

/**
 * The x in [low, high] where a monotone function crosses zero, by the statistics package's halving, which is bounded
 * in steps and cannot hang. Throws where the ends do not bracket a crossing: that is a bug in the caller, which checks
 * the ends first because "no answer" is an answer of its own.
 */
export function bisect(f: (x: number) => number, low: number, high: number): number {
  // The package asks for the same points several times a step.
  const known = new Map<number, number>();
  const once = (x: number): number => {
    const before = known.get(x);
    if (before !== undefined) return before;
    const value = f(x);
    known.set(x, value);
    return value;
  };
  const atLow = once(low);
  const atHigh = once(high);
  if (atLow === 0) return low;
  if (atHigh === 0) return high;
  if (Math.sign(atLow) === Math.sign(atHigh)) throw new Error(`bisect: no crossing between ${low} and ${high}`);
  return halve(once, low, high, MOST_STEPS, SHARPNESS * Math.max(Math.abs(low), Math.abs(high)));
}
