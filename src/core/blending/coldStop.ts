import { type MixPart, mixViscosityMm2PerS } from "./mix";
import { cloudPointCelsius, pourPointCelsius } from "./properties";

/** How a fuel that stands in a line or tank takes the cold. */
export type ColdVerdict = "flows" | "thick" | "waxes" | "gels";

export interface ColdStop {
  readonly nuMm2PerS: number;
  readonly cloudCelsius: number;
  readonly pourCelsius: number;
  readonly verdict: ColdVerdict;
}

/**
 * A cold stop: what is in the line at the forecast low. At or under its pour point it gels, under its cloud point wax
 * falls out and blocks a filter, over the pump's limit it is too thick to start on. Cold points are estimates, and a
 * jar left outside overrules them. Source: physics §6 with the blend's own cloud and pour.
 */
export function coldStop(parts: readonly MixPart[], lowCelsius: number, limitMm2PerS: number): ColdStop {
  const nuMm2PerS = mixViscosityMm2PerS(parts, lowCelsius);
  const cloudCelsius = cloudPointCelsius(parts);
  const pourCelsius = pourPointCelsius(parts);
  const verdict =
    lowCelsius <= pourCelsius
      ? "gels"
      : nuMm2PerS > limitMm2PerS
        ? "thick"
        : lowCelsius <= cloudCelsius
          ? "waxes"
          : "flows";
  return { nuMm2PerS, cloudCelsius, pourCelsius, verdict };
}
