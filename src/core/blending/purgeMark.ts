import { bisect } from "../numerics";
import { type ColdFailure, coldMargin, passesCold } from "./coldMargin";
import { type MixPart, scaledMix } from "./mix";

/** A line is never flushed to the last drop, and more than this of old fuel is no purge. */
const LEAST_SHARE = 0.02;
const MOST_SHARE = 0.3;
const CLOSE_SHARE = 1e-4;

export interface PurgeMark {
  /** Most old fuel that may stay in the line, 0.02 to 0.3 of it. */
  readonly share: number;
  /** What a little more would do at the low; "none" where even the most does no harm. */
  readonly because: ColdFailure | "none";
  /** The diesel by itself does not stand the low: no purge makes the line fit for it. */
  readonly dieselFails: boolean;
}

/**
 * How far a line must be purged for a stop: the most old fuel with which what stays passes the cold margin at the low,
 * not below 2 %, not above 30 %. Each mix holds something. Source: physics §6.
 */
export function purgeMark(
  old: readonly MixPart[],
  diesel: readonly MixPart[],
  lowCelsius: number,
  limitMm2PerS: number,
): PurgeMark {
  const lineAt = (share: number): MixPart[] => [...scaledMix(old, share), ...scaledMix(diesel, 1 - share)];
  const passesAt = (share: number): boolean => passesCold(lineAt(share), lowCelsius, limitMm2PerS);
  const failsAt = (share: number): ColdFailure | "none" =>
    coldMargin(lineAt(share), lowCelsius, limitMm2PerS).firstToFail;
  const dieselFails = !passesCold(diesel, lowCelsius, limitMm2PerS);
  if (passesAt(MOST_SHARE)) return { share: MOST_SHARE, because: "none", dieselFails };
  if (!passesAt(LEAST_SHARE)) return { share: LEAST_SHARE, because: failsAt(LEAST_SHARE), dieselFails };
  const edge = bisect((share) => (passesAt(share) ? -1 : 1), LEAST_SHARE, MOST_SHARE);
  // On the passing side of the edge.
  return {
    share: Math.max(LEAST_SHARE, edge - CLOSE_SHARE),
    because: failsAt(Math.min(MOST_SHARE, edge + CLOSE_SHARE)),
    dieselFails,
  };
}
