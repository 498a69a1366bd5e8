import { bisect } from "../numerics";
import { type MixPart, mixLitres, mixViscosityMm2PerS, scaledMix } from "./mix";

export interface TopUp {
  readonly oilLitres: number;
  readonly thinnerLitres: number;
}

/** Why no pour meets the limit. */
export type NoTopUp = { readonly code: "tank-full" } | { readonly code: "too-thick-even-with-thinner-only" };

/**
 * What to pour so that the tank, filled to its capacity, meets the limit at a temperature with the most oil. Oil and
 * thinner are what is really in their cans, of whose litres only the shares matter. Litres at 15 °C. Source: physics §2, bisection on the thinner's litres.
 */
export function topUp(
  contents: readonly MixPart[],
  fillToLitres: number,
  oil: readonly MixPart[],
  thinner: readonly MixPart[],
  celsius: number,
  limitMm2PerS: number,
): TopUp | NoTopUp {
  const room = fillToLitres - mixLitres(contents);
  if (room <= 0) return { code: "tank-full" };
  const excess = (thinnerLitres: number): number =>
    mixViscosityMm2PerS(
      [...contents, ...scaledMix(oil, room - thinnerLitres), ...scaledMix(thinner, thinnerLitres)],
      celsius,
    ) - limitMm2PerS;
  if (excess(0) <= 0) return { oilLitres: room, thinnerLitres: 0 };
  if (excess(room) > 0) return { code: "too-thick-even-with-thinner-only" };
  const thinnerLitres = bisect(excess, 0, room);
  return { oilLitres: room - thinnerLitres, thinnerLitres };
}
