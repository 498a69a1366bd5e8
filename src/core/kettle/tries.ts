import { Refused, requireRange } from "../numerics";
import { type FreeAcid, freeAcid, type Titration } from "./titration";

export const MOST_TRIES = 5;
/** A drop or two on any burette: a try that is nearer than this to the others is no outlier. */
const NEAR_ML = 0.15;
const TIMES_MAD = 3 * 1.4826;

export interface Tries {
  readonly meanMl: number;
  /** From the least to the most of those that count. */
  readonly spreadMl: number;
  /** Which of the tries do not go with the others, counted from nought. */
  readonly outliers: readonly number[];
}

const median = (sorted: readonly number[]): number => {
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? (sorted[half] ?? 0) : ((sorted[half - 1] ?? 0) + (sorted[half] ?? 0)) / 2;
};
const rising = (list: readonly number[]): number[] => [...list].sort((a, b) => a - b);

/**
 * One to five tries in mL: mean and spread of those that go together. With three and more, one that lies further from the
 * median than three times the usual deviation (by its own median), and more than a drop or two, is called and left out.
 */
export function readTries(tries: readonly number[]): Tries {
  if (tries.length === 0 || tries.length > MOST_TRIES) throw new Refused("tries", "are one to five");
  const middle = median(rising(tries));
  const mad = median(rising(tries.map((t) => Math.abs(t - middle))));
  const most = Math.max(NEAR_ML, TIMES_MAD * mad);
  const outliers = tries.length < 3 ? [] : tries.flatMap((t, i) => (Math.abs(t - middle) > most ? [i] : []));
  const kept = tries.filter((_, i) => !outliers.includes(i));
  return {
    meanMl: kept.reduce((sum, t) => sum + t, 0) / kept.length,
    spreadMl: Math.max(...kept) - Math.min(...kept),
    outliers,
  };
}

export interface TriedAcid extends FreeAcid, Tries {
  /** Of the acid, by the spread of the tries. */
  readonly plusMinusPct: number;
}

/** Pure fatty acid takes this much; above it the titrant was not what it was said to be. */
const MOST_FFA_PCT = 100;

/**
 * Free acid by several tries less a blank (the alcohol's own). Refuses a blank above the tries, and more titrant than
 * even pure fatty acid could need.
 */
export function triedAcid(t: Omit<Titration, "titrantMl">, tries: readonly number[], blankMl: number): TriedAcid {
  requireRange("blankMl", blankMl, 0, 1000);
  const read = readTries(tries);
  const titrantMl = read.meanMl - blankMl;
  if (titrantMl < 0) throw new Refused("blankMl", "is more than the oil took");
  const found = freeAcid({ ...t, titrantMl });
  if (found.ffaPct > MOST_FFA_PCT)
    throw new Refused("tries", "are more than pure fatty acid could take: check the titrant and the sample");
  const half = freeAcid({ ...t, titrantMl: read.spreadMl / 2 });
  return { ...read, ...found, plusMinusPct: half.ffaPct };
}

/**
 * Of a lot with `acid`, the share that may be mixed with better oil of `better` to come down to `most` (all mol/L, which
 * mix by volume); 1 where it is there already, null where the better one is not better enough.
 */
export function shareThinnedTo(acid: number, better: number, most: number): number | null {
  if (acid <= most) return 1;
  if (better >= most) return null;
  return (most - better) / (acid - better);
}
