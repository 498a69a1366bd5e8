import { Refused } from "../numerics";
import { GRAVITY_M_PER_S2 } from "../units";

/** A bag under a feed whose level falls: level above the bag in m, areas in m², resistances as in `Filter`. */
export interface GravityFilter {
  readonly areaM2: number;
  readonly headM: number;
  readonly feedAreaM2: number;
  readonly mediumPerM: number;
  readonly cakePerM2: number;
}

const SMALL = 1e-3;

/** −ln(1 − u) − u, by its series where the two are all but equal. */
const logOver = (u: number): number =>
  u < SMALL ? u ** 2 * (1 / 2 + u * (1 / 3 + u * (1 / 4 + u / 5))) : -Math.log1p(-u) - u;

/**
 * Seconds to run so many litres through a bag by gravity, the head falling as the feed does: dV/dt = A·ρgh/(μ·R) with
 * h = H − V/a. In h the integral closes: t = μ·a/(A·ρ·g)·((Rm + αc·a·H/A)·ln(H/h) − αc·a/A·(H − h)), here in the share
 * drawn u = V/(a·H), so that a cupful out of a tank does not drown in rounding. Refuses litres that the feed does not hold above the bag: the last of them would take for ever. Source: physics §4.
 */
export function gravitySeconds(f: GravityFilter, viscosityPaS: number, kgPerM3: number, litres: number): number {
  const drawnShare = litres / 1000 / f.feedAreaM2 / f.headM;
  const endM = f.headM - litres / 1000 / f.feedAreaM2;
  if (!(endM > 0)) throw new Refused("litres", "more than stands above the bag: the level would fall below it");
  const cakePerHead = (f.cakePerM2 * f.feedAreaM2) / f.areaM2;
  const resisted = -Math.log1p(-drawnShare) * f.mediumPerM + cakePerHead * f.headM * logOver(drawnShare);
  return ((viscosityPaS * f.feedAreaM2) / (f.areaM2 * kgPerM3 * GRAVITY_M_PER_S2)) * resisted;
}
