/** A batch that is over, as far as it tells of the reaction. */
export interface PastBatch {
  /** By its methanol solubility: what did not fall out, 0 to 1; null where nobody tested. */
  readonly conversion: number | null;
  /** Glycerol let out over what was expected; null where nobody measured. */
  readonly drainedToExpected: number | null;
}

/** So many batches, and a figure of the owner's own stands beside the model's. */
export const ENOUGH_BATCHES = 3;

export interface Learned {
  readonly batches: number;
  /** Least, middle and most. */
  readonly conversion: readonly [least: number, middle: number, most: number] | null;
  readonly drainedToExpected: readonly [least: number, middle: number, most: number] | null;
}

function spread(values: readonly number[]): readonly [number, number, number] | null {
  const rising = [...values].sort((a, b) => a - b);
  const [least, most, middle] = [rising[0], rising.at(-1), rising[Math.floor((rising.length - 1) / 2)]];
  return rising.length < ENOUGH_BATCHES || least === undefined || most === undefined || middle === undefined
    ? null
    : [least, middle, most];
}

const known = (values: readonly (number | null)[]): number[] => values.filter((v) => v !== null);

/**
 * What the owner's own batches say of how far they go: once three were tested or measured. The volume of glycerol says
 * little of conversion by itself, since methanol that is used up no longer swells it: so both stand apart.
 */
export const learnedFrom = (batches: readonly PastBatch[]): Learned => ({
  batches: batches.length,
  conversion: spread(known(batches.map((b) => b.conversion))),
  drainedToExpected: spread(known(batches.map((b) => b.drainedToExpected))),
});

/** Too little falls out of methanol to be seen: this much is taken to be left then. */
const UNSEEN_SHARE = 0.01;

/** Share converted by what did not dissolve in methanol: oil that was not turned falls out. */
export const convertedBySolubility = (undissolvedShare: number): number => 1 - Math.max(UNSEEN_SHARE, undissolvedShare);
