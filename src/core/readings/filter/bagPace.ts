import { fitRuns, minutesThrough, type RunFit, type TimedRun, TREND_ALARM, typicalRunFit } from "../../filtration";
import { dynamicViscosityPaS, type FluidTable } from "../../fluids";
import type { BagState, Settings } from "../../ledger";
import { covered } from "../covered";

/** Kitchen oil is near enough canola for a bag's minutes, with the yard's own factor for fried. */
const AS_OIL = "canola";
const RUNS_TO_JUDGE = 3;
/** The latest runs say how the bag is now. */
const LATEST = 12;

/** How a bag runs, by one fit of its own runs: what the bench forecasts by, and what the yard's alarm is held against. */
export interface BagPace {
  readonly fit: RunFit;
  /** The last run against what the runs before it foretold, corrected for temperature and load; null: too few to judge. */
  readonly last: { readonly times: number; readonly timesByClock: number; readonly earlierRuns: number } | null;
}

interface Terms {
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

/** Oil's dynamic viscosity at a temperature, Pa·s; null beyond what the models cover. */
const viscosityAt = (celsius: number, { settings, fluids }: Terms): number | null =>
  covered(() => dynamicViscosityPaS(fluids[AS_OIL], celsius, settings.usedFactor)) ?? null;

function timed(bag: BagState, terms: Terms): TimedRun[] {
  return bag.runs.slice(-LATEST).flatMap((r) => {
    const viscosityPaS = viscosityAt(r.celsius ?? terms.settings.shedCelsius, terms);
    return viscosityPaS === null ? [] : [{ ...r, viscosityPaS }];
  });
}

export function bagPace(bag: BagState, terms: Terms): BagPace {
  const runs = timed(bag, terms);
  const usual = typicalRunFit(bag.bag.ratingUm, bag.bag.areaM2);
  return { fit: fitRuns(runs) ?? usual, last: judged(runs) };
}

function judged(runs: readonly TimedRun[]): BagPace["last"] {
  const last = runs.at(-1);
  const earlier = runs.slice(0, -1);
  const fit = fitRuns(earlier);
  if (!last || !fit || earlier.length < RUNS_TO_JUDGE) return null;
  const foretold = minutesThrough(fit, last.litres, last.carriedLitres, last.viscosityPaS);
  const pace = (r: TimedRun): number => r.minutes / r.litres;
  const middle = earlier.map(pace).sort((a, b) => a - b)[Math.floor(earlier.length / 2)] ?? 0;
  return { times: last.minutes / foretold, timesByClock: pace(last) / middle, earlierRuns: earlier.length };
}

export const isSlow = (pace: BagPace): boolean => (pace.last?.times ?? 0) > TREND_ALARM;

/** Minutes for a run at a temperature; null where the models do not cover it. */
export function bagMinutes(bag: BagState, pace: BagPace, litres: number, celsius: number, terms: Terms): number | null {
  const viscosityPaS = viscosityAt(celsius, terms);
  return viscosityPaS === null ? null : minutesThrough(pace.fit, litres, bag.litres, viscosityPaS);
}
