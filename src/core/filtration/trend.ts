import { median } from "simple-statistics";

/** A run through one bag: litres, seconds, and what drove it. Viscosity in Pa·s at the oil's temperature then. */
export interface BagRun {
  readonly litres: number;
  readonly seconds: number;
  readonly viscosityPaS: number;
}

/** What stood upstream when the bag was filled, as far as it is known. */
export interface Upstream {
  /** How full the settler's sludge room is, 0 to 1. */
  readonly settlerFullShare: number | null;
  /** mm between the suction and the layer when the oil was drawn. */
  readonly suctionAboveLayerMm: number | null;
}

export type TrendCause = "settler-full" | "bottom-layer" | "colder-oil" | "dirtier-lot";

export interface BagTrend {
  /** How many times as much resistance a litre adds as in the earlier bags, corrected for viscosity. */
  readonly times: number;
  /** The same by the clock alone. */
  readonly timesByClock: number;
  readonly earlierBags: number;
  readonly cause: TrendCause | null;
}

/** Over this much against the median something has changed; under it bags differ anyway. Source: physics §4. */
export const TREND_ALARM = 2.5;
const SETTLER_FULL = 0.9;
const TOO_CLOSE_MM = 15;

/** Seconds a litre, per litre on the bag: what its dirt adds; and the same per Pa·s, which is resistance gained. */
const clock = (r: BagRun): number => r.seconds / r.litres ** 2;
const gained = (r: BagRun): number => clock(r) / r.viscosityPaS;

/**
 * Is this bag clogging faster than the earlier ones of its rating on its line, and why? Null without earlier bags.
 * Where only the clock says so, the oil was colder and the bag is innocent.
 */
export function bagTrend(run: BagRun, earlier: readonly BagRun[], upstream: Upstream): BagTrend | null {
  if (earlier.length === 0) return null;
  const times = gained(run) / median(earlier.map(gained));
  const timesByClock = clock(run) / median(earlier.map(clock));
  return { times, timesByClock, earlierBags: earlier.length, cause: causeOf(times, timesByClock, upstream) };
}

function causeOf(
  times: number,
  timesByClock: number,
  { settlerFullShare, suctionAboveLayerMm }: Upstream,
): TrendCause | null {
  if (times <= TREND_ALARM) return timesByClock > TREND_ALARM ? "colder-oil" : null;
  if (settlerFullShare !== null && settlerFullShare >= SETTLER_FULL) return "settler-full";
  if (suctionAboveLayerMm !== null && suctionAboveLayerMm < TOO_CLOSE_MM) return "bottom-layer";
  return "dirtier-lot";
}
