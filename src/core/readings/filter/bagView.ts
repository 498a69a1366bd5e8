import { median, quantile } from "simple-statistics";
import {
  type Diagnosis,
  diagnose,
  fitRuns,
  type LitresLeft,
  litresUntilSlow,
  METRE_OF_OIL_PA,
  minutesThrough,
  type RunFit,
  type ToldRun,
  typicalRunFit,
} from "../../filtration";
import type { BagRun, BagState, ElementForm } from "../../ledger";
import { type BagTerms, viscosityAt } from "./bagMinutes";

/** The latest runs say how the bag is now. */
const LATEST = 18;

/** A bag as it stands, with how it runs. */
export interface BagView extends BagState {
  /** What the bench forecasts by: one fit of its own runs, or what its rating suggests. */
  readonly fit: RunFit;
  /** How its last run went against the runs before it. The yard's alarm is this and nothing else. */
  readonly diagnosis: Diagnosis;
  /** Litres until it lets through less than its owner has the patience for, in the shed as it is now; null beyond the models. */
  readonly left: LitresLeft | null;
}

/** What nobody has rated is taken for a cloth of the usual kind, in minutes; it proves nothing. */
const AS_CLOTH_UM = 100;

const LAYERS: Partial<Record<ElementForm, number>> = { "double-bag": 2 };

/** Runs that this bag let take as long as they took: the coarse ones only wait for the finest. */
function told(runs: readonly BagRun[], bag: BagState["bag"], terms: BagTerms): ToldRun[] {
  return runs.flatMap((r) => {
    const viscosityPaS = r.finest ? viscosityAt(r.celsius ?? terms.settings.shedCelsius, terms) : null;
    return viscosityPaS === null ? [] : [{ ...r, viscosityPaS, layers: LAYERS[bag.form ?? "bag"] ?? 1 }];
  });
}

/** Everything that ran through a bag, its earlier lives too, oldest first. */
export const allRuns = (b: BagState, terms: BagTerms): ToldRun[] => told([...b.pastRuns, ...b.runs], b.bag, terms);

/**
 * What a rating suggests, held to what its runs allow: a bag that waited for a finer one took no longer than that run
 * did, so it resists no more than it would have had to.
 */
function waitedFit(b: BagState, terms: BagTerms): RunFit {
  const usual = typicalRunFit(b.bag.ratingUm ?? AS_CLOTH_UM, b.bag.areaM2);
  const most = [...b.pastRuns, ...b.runs].reduce((least, r) => {
    const viscosityPaS = viscosityAt(r.celsius ?? terms.settings.shedCelsius, terms);
    if (viscosityPaS === null || r.minutes <= 0) return least;
    return Math.min(least, r.minutes / minutesThrough(usual, r.litres, r.carriedLitres, viscosityPaS));
  }, 1);
  return { ...usual, clean: usual.clean * most, perLitre: usual.perLitre * most };
}

const LIVES_TO_TELL = 2;

/** Where its earlier lives were shorter than its runs foretell, they are what it will come to. */
function byItsLives(left: LitresLeft, { lives, litres }: BagState): LitresLeft {
  const lasted = lives.map((l) => l.litres).filter((l) => l > 0);
  if (lasted.length < LIVES_TO_TELL) return left;
  const rest = (life: number): number => Math.max(0, life - litres);
  const usual = rest(median(lasted));
  if (left.litres !== null && left.litres <= usual) return left;
  return { litres: usual, least: Math.min(left.least, rest(quantile(lasted, 0.2))), most: rest(quantile(lasted, 0.9)) };
}

/** `others` are the runs of the other bags of its rating on its line. */
export function bagView(b: BagState, others: readonly ToldRun[], terms: BagTerms): BagView {
  const own = allRuns(b, terms);
  const asItIs = own.filter((r) => r.areaM2 === b.bag.areaM2 && r.ratingUm === (b.bag.ratingUm ?? null)).slice(-LATEST);
  const fit = fitRuns(asItIs) ?? waitedFit(b, terms);
  const last = told(b.runs, b.bag, terms).at(-1);
  const viscosityPaS = viscosityAt(terms.settings.shedCelsius, terms);
  return {
    ...b,
    fit,
    diagnosis: last
      ? diagnose(last, [...others, ...own.slice(0, -1)])
      : { verdict: "too-little", earlierRuns: own.length },
    left:
      viscosityPaS === null
        ? null
        : byItsLives(
            litresUntilSlow(fit, b.litres, viscosityPaS, terms.settings.patienceLitresPerHour, METRE_OF_OIL_PA),
            b,
          ),
  };
}
