/** Temperature at an hour: linear between points. */
export type KeptAt = readonly [hour: number, celsius: number];

const TWICE_AS_FAST_EVERY_K = 10;
const LIFE_AT_CELSIUS = 20;
const HOURS_PER_DAY = 24;

/** How many times as fast as at 20 °C. */
const pace = (celsius: number): number => 2 ** ((celsius - LIFE_AT_CELSIUS) / TWICE_AS_FAST_EVERY_K);

/**
 * Share of a fuel's shelf life used between the first point and the last: ∫2^((T − 20)/10) dt over its life at 20 °C,
 * closed for each straight piece. Twice as fast every 10 K is a rule of thumb. Source: physics §5.
 */
export function usedLifeShare(temperatures: readonly KeptAt[], lifeDaysAt20: number): number {
  let hoursAt20 = 0;
  for (const [i, [hour, celsius]] of temperatures.entries()) {
    const before = temperatures[i - 1];
    if (!before) continue;
    const [from, cool] = before;
    const exponent = (Math.LN2 * (celsius - cool)) / TWICE_AS_FAST_EVERY_K;
    // Mean of 2^… along a straight line: (e^x − 1)/x of its start, and 1 where it does not change.
    const mean = exponent === 0 ? 1 : Math.expm1(exponent) / exponent;
    hoursAt20 += (hour - from) * pace(cool) * mean;
  }
  return hoursAt20 / (lifeDaysAt20 * HOURS_PER_DAY);
}
