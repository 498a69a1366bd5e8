import { fitRuns, minutesThrough, type RunFit, type TimedRun, typicalRunFit } from "../../filtration";
import type { BagState } from "../../ledger";
import { type BagTerms, viscosityAt } from "./bagMinutes";

const RUNS_TO_JUDGE = 3;
/** The latest runs say how the bag is now. */
const LATEST = 12;

/** A bag as it stands, with how it runs. */
export interface BagView extends BagState {
  readonly pace: BagPace;
}

/** How a bag runs, by one fit of its own runs: what the bench forecasts by, and what the yard's alarm is held against. */
export interface BagPace {
  readonly fit: RunFit;
  /** The last run against what the runs before it foretold, corrected for temperature and load; null: too few to judge. */
  readonly last: { readonly times: number; readonly timesByClock: number; readonly earlierRuns: number } | null;
}

function timed(bag: BagState, terms: BagTerms): TimedRun[] {
  return bag.runs.slice(-LATEST).flatMap((r) => {
    const viscosityPaS = viscosityAt(r.celsius ?? terms.settings.shedCelsius, terms);
    return viscosityPaS === null ? [] : [{ ...r, viscosityPaS }];
  });
}

export function bagPace(bag: BagState, terms: BagTerms): BagPace {
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
