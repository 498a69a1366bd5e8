import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** Chance from a seed: the same seed throws the same yard on every machine. */
export interface Dice {
  between(low: number, high: number): number;
  whole(low: number, high: number): number;
  pick<T>(of: readonly [T, ...T[]]): T;
}

export function dice(seed: number): Dice {
  const rng = xoroshiro128plus(seed);
  const whole = (low: number, high: number): number => uniformInt(rng, low, high);
  return {
    between: (low, high) => low + (high - low) * uniformFloat64(rng),
    whole,
    pick: (of) => of[whole(0, of.length - 1)] ?? of[0],
  };
}
