import { litresLeft } from "./bagLife";
import { filterSeconds } from "./cake";

/** A size of dirt and how much of it a litre brings. */
export interface DirtLoad {
  readonly diameterUm: number;
  readonly gramsPerLitre: number;
}

export interface CascadeBag {
  readonly ratingUm: number;
  readonly areaM2: number;
  readonly mediumPerM: number;
}

export interface CascadeQuestion {
  readonly loads: readonly DirtLoad[];
  readonly bags: readonly CascadeBag[];
  readonly litres: number;
  readonly viscosityPaS: number;
  /** Across each bag where they are run one by one, across all where they stand in one line. */
  readonly pressurePa: number;
  readonly cakeMPerKg: number;
  /** Below this flow one changes a bag. */
  readonly patienceLitresPerHour: number;
}

export interface CascadeStage {
  readonly ratingUm: number;
  readonly caughtG: number;
  readonly passedG: number;
  /** Run by itself at the full pressure. */
  readonly minutes: number;
  /** Its part of the pressure at the end, in one line with the others. */
  readonly pressureDropPa: number;
  /** Null where nothing of this dirt stays in it. */
  readonly litresUntilSlow: number | null;
}

export interface Cascade {
  readonly stages: readonly CascadeStage[];
  /** All in one line. */
  readonly minutesInLine: number;
  /** Index of the bag that is slow first; null where none catches anything. */
  readonly chokesFirst: number | null;
  readonly leftG: number;
}

/** In 1/m²: a cake that resists less than this is none, and the bag lasts for ever. */
const NO_CAKE = 1;

/** Share of grains of `um` that a bag holds: 1 − 2^(−(d/m)²), half of them at its nominal rating. Source: physics §4. */
export const caughtShare = (um: number, ratingUm: number): number => 1 - 2 ** -((um / ratingUm) ** 2);

/**
 * What each bag of a line catches, how long it takes and which is slow first. Every bag meets what the ones before it
 * let pass; its cake resists by what it caught, αc = α·(kg caught)/(m³ filtered). Grams are conserved.
 */
export function runCascade(q: CascadeQuestion): Cascade {
  let arriving = q.loads.map((l) => ({ um: l.diameterUm, grams: l.gramsPerLitre * q.litres }));
  const worked = q.bags.map((bag) => {
    const caught = arriving.map((a) => a.grams * caughtShare(a.um, bag.ratingUm));
    const caughtG = caught.reduce((sum, g) => sum + g, 0);
    arriving = arriving.map((a, i) => ({ um: a.um, grams: a.grams - (caught[i] ?? 0) }));
    const cakePerM2 = q.cakeMPerKg * (caughtG / q.litres);
    return { bag, caughtG, passedG: arriving.reduce((sum, a) => sum + a.grams, 0), cakePerM2 };
  });
  const v = q.litres / 1000;
  const resistances = worked.map(
    ({ bag, cakePerM2 }) => bag.mediumPerM / bag.areaM2 + (cakePerM2 * v) / bag.areaM2 ** 2,
  );
  const all = resistances.reduce((sum, r) => sum + r, 0);
  const stages = worked.map(({ bag, caughtG, passedG, cakePerM2 }, i): CascadeStage => {
    const filter = { ...bag, cakePerM2, viscosityPaS: q.viscosityPaS, pressurePa: q.pressurePa, carriedLitres: 0 };
    return {
      ratingUm: bag.ratingUm,
      caughtG,
      passedG,
      minutes: filterSeconds(filter, q.litres) / 60,
      pressureDropPa: (q.pressurePa * (resistances[i] ?? 0)) / all,
      litresUntilSlow: cakePerM2 > NO_CAKE ? litresLeft(filter, q.patienceLitresPerHour) : null,
    };
  });
  const lives = stages.map((s) => s.litresUntilSlow ?? Number.POSITIVE_INFINITY);
  const shortest = Math.min(...lives);
  const linear = worked.reduce((sum, { bag }) => sum + bag.mediumPerM / bag.areaM2, 0);
  const square = worked.reduce((sum, { bag, cakePerM2 }) => sum + cakePerM2 / bag.areaM2 ** 2, 0);
  return {
    stages,
    minutesInLine: ((q.viscosityPaS / q.pressurePa) * (linear * v + (square * v ** 2) / 2)) / 60,
    chokesFirst: shortest === Number.POSITIVE_INFINITY ? null : lives.indexOf(shortest),
    leftG: stages.at(-1)?.passedG ?? 0,
  };
}
