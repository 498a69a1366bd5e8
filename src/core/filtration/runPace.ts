import { METRE_OF_OIL_KPA } from "../units";

/** Minutes a litre and a Pa·s at a metre of head: of the clean bag, and what each litre on it adds. */
export interface RunFit {
  readonly clean: number;
  readonly perLitre: number;
  /** Runs that it rests on; 0: typical figures of the rating. */
  readonly runs: number;
  /** Relative standard error of what a litre adds; null where too little is known to say. */
  readonly spread: number | null;
  /** How far runs lie from it, relative: one standard deviation by the middle of all, so that one bad run tells little. */
  readonly scatter?: number;
}

/** The pressure that a fit speaks of: a feed tub a metre above its bag. */
export const METRE_OF_OIL_PA = METRE_OF_OIL_KPA * 1000;

/** Minutes that so many litres take through a bag which carries some already, by gravity from a metre above. */
export const minutesThrough = (fit: RunFit, litres: number, carriedLitres: number, viscosityPaS: number): number =>
  litres * viscosityPaS * (fit.clean + fit.perLitre * (carriedLitres + litres / 2));

/** Litres left, from the least that is likely to the most; null: no end is seen. */
export interface LitresLeft {
  readonly litres: number | null;
  readonly least: number;
  readonly most: number | null;
}

/** Before anything was timed a bag may last a third of what its rating says, or three times that. */
const GUESS = 3;
/** Two standard errors, and never surer than a twentieth. */
const SURE_AT_BEST = 0.05;
const USUAL_SPREAD = 0.35;

/**
 * Litres until a bag lets through less than its owner's patience: where μ·(clean + perLitre·V) is as many minutes a litre.
 * The range is of what a litre adds, two standard errors either way; it narrows as runs are logged.
 */
export function litresUntilSlow(
  fit: RunFit,
  carriedLitres: number,
  viscosityPaS: number,
  patienceLitresPerHour: number,
  pressurePa = METRE_OF_OIL_PA,
): LitresLeft {
  const room = ((60 / patienceLitresPerHour) * (pressurePa / METRE_OF_OIL_PA)) / viscosityPaS - fit.clean;
  const left = (perLitre: number): number => Math.max(0, room / perLitre - carriedLitres);
  if (room <= 0) return { litres: 0, least: 0, most: 0 };
  if (!(fit.perLitre > 0)) return { litres: null, least: left(room / Math.max(1, carriedLitres)), most: null };
  if (fit.runs === 0)
    return { litres: left(fit.perLitre), least: left(fit.perLitre * GUESS), most: left(fit.perLitre / GUESS) };
  const off = Math.max(SURE_AT_BEST, 2 * (fit.spread ?? USUAL_SPREAD));
  return {
    litres: left(fit.perLitre),
    least: left(fit.perLitre * (1 + off)),
    most: off < 1 ? left(fit.perLitre * (1 - off)) : null,
  };
}
