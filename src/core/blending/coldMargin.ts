import { bisect } from "../numerics";
import { fatCrystals, HARD_MOLE_SHARE } from "./fatCrystals";
import { type MixPart, mixViscosityMm2PerS, openViscosityMm2PerS } from "./mix";
import { cloudPointCelsius, pourPointCelsius } from "./properties";

const COLDEST = -60;
const HOTTEST = 150;

/** What may fail a fuel in the cold. */
export const COLD_FAILURES = ["fat", "cloud", "pour", "viscosity"] as const;
export type ColdFailure = (typeof COLD_FAILURES)[number];

export interface ColdMargin {
  /** Kinematic viscosity at the low. */
  readonly nuMm2PerS: number;
  readonly cloudCelsius: number;
  readonly pourCelsius: number;
  /** Hard fat falls out below it once it has stood; null where there is none. */
  readonly fatStandingCelsius: number | null;
  /** The pump's limit is met down to it; null where it is met at −60 °C, or not even at 150 °C. */
  readonly viscosityCelsius: number | null;
  /** What fails first as it cools; "none" where all of it holds at the low. */
  readonly firstToFail: ColdFailure | "none";
  /** Where that begins; null where it is never thin enough, and where nothing fails. */
  readonly failsBelowCelsius: number | null;
}

/** −∞ where a mix is thin enough at −60 °C, +∞ where it is too thick at 150 °C. */
function thinDownToCelsius(parts: readonly MixPart[], limitMm2PerS: number): number {
  const excess = (celsius: number): number => openViscosityMm2PerS(parts, celsius) - limitMm2PerS;
  if (excess(COLDEST) <= 0) return Number.NEGATIVE_INFINITY;
  if (excess(HOTTEST) > 0) return Number.POSITIVE_INFINITY;
  return bisect(excess, COLDEST, HOTTEST);
}

/**
 * What a fuel does on the coldest night: fat that crystallises on standing, wax at the cloud point, the pour point and
 * the pump's limit, each a temperature; the highest of them above the low fails first. Every one is an estimate that a
 * jar left in the cold overrules. Range of the low: −60 to 150 °C. Source: physics §2.
 */
export function coldMargin(
  parts: readonly MixPart[],
  lowCelsius: number,
  limitMm2PerS: number,
  hardMoleShare = HARD_MOLE_SHARE,
): ColdMargin {
  const { standingCelsius } = fatCrystals(parts, hardMoleShare);
  const thinDownTo = thinDownToCelsius(parts, limitMm2PerS);
  const [cloudCelsius, pourCelsius] = [cloudPointCelsius(parts), pourPointCelsius(parts)];
  const thresholds: Record<ColdFailure, number> = {
    fat: standingCelsius ?? Number.NEGATIVE_INFINITY,
    cloud: cloudCelsius,
    pour: pourCelsius,
    viscosity: thinDownTo,
  };
  const worst = COLD_FAILURES.reduce((a, b) => (thresholds[b] > thresholds[a] ? b : a));
  const fails = thresholds[worst] > lowCelsius;
  return {
    nuMm2PerS: mixViscosityMm2PerS(parts, lowCelsius),
    cloudCelsius,
    pourCelsius,
    fatStandingCelsius: standingCelsius,
    viscosityCelsius: finiteOrNull(thinDownTo),
    firstToFail: fails ? worst : "none",
    failsBelowCelsius: fails ? finiteOrNull(thresholds[worst]) : null,
  };
}

/** Whether nothing of it fails at the low: the same four, without asking where each begins. */
export function passesCold(
  parts: readonly MixPart[],
  lowCelsius: number,
  limitMm2PerS: number,
  hardMoleShare = HARD_MOLE_SHARE,
): boolean {
  const { standingCelsius } = fatCrystals(parts, hardMoleShare);
  return (
    (standingCelsius === null || standingCelsius <= lowCelsius) &&
    cloudPointCelsius(parts) <= lowCelsius &&
    pourPointCelsius(parts) <= lowCelsius &&
    openViscosityMm2PerS(parts, lowCelsius) <= limitMm2PerS
  );
}

const finiteOrNull = (celsius: number): number | null => (Number.isFinite(celsius) ? celsius : null);
