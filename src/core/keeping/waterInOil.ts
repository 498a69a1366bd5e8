import { kelvin } from "../units";

/** Water that an oil dissolves at a temperature: [°C, ppm]. */
export type Solubility = readonly [celsius: number, ppm: number];

/** Cottonseed oil after Parsons & Holmberg 1937; the like of it holds for most vegetable oils. */
export const USUAL_SOLUBILITY: readonly [Solubility, Solubility] = [
  [-1, 710],
  [32, 1410],
];

export interface WaterInOil {
  readonly dissolvesPpm: number;
  readonly dissolvesCoolPpm: number;
  /** More than it dissolves: hanging as drops now. */
  readonly freeNowPpm: number;
  /** The same once it is cool: all of it, not only what is new. */
  readonly freeCoolPpm: number;
}

/** ppm by mass at °C: log10 ppm = a − b/T through two known pairs. The pairs are of two temperatures. */
export function dissolvedWaterPpm(
  celsius: number,
  pairs: readonly [Solubility, Solubility] = USUAL_SOLUBILITY,
): number {
  const [[c0, ppm0], [c1, ppm1]] = pairs;
  const [t0, t1] = [1 / kelvin(c0), 1 / kelvin(c1)];
  const slope = (Math.log10(ppm1) - Math.log10(ppm0)) / (t1 - t0);
  return 10 ** (Math.log10(ppm0) + slope * (1 / kelvin(celsius) - t0));
}

/** How much of an oil's water is free now, and once it has cooled: dry when warm, cloudy when cold. Source: physics §3. */
export function waterInOil(
  ppm: number,
  celsius: number,
  coolToCelsius: number,
  pairs: readonly [Solubility, Solubility] = USUAL_SOLUBILITY,
): WaterInOil {
  const dissolvesPpm = dissolvedWaterPpm(celsius, pairs);
  const dissolvesCoolPpm = dissolvedWaterPpm(coolToCelsius, pairs);
  return {
    dissolvesPpm,
    dissolvesCoolPpm,
    freeNowPpm: Math.max(0, ppm - dissolvesPpm),
    freeCoolPpm: Math.max(0, ppm - dissolvesCoolPpm),
  };
}
