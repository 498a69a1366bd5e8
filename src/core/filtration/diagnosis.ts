import { median } from "simple-statistics";
import { METRE_OF_OIL_KPA } from "../units";
import { fitRuns, type TimedRun } from "./runFit";
import { minutesThrough } from "./runPace";
import { TREND_ALARM } from "./trend";

/** A run through a bag, with what was known of bag and oil as it ran. Areas in m², rating in µm, lengths in mm. */
export interface ToldRun extends TimedRun {
  readonly celsius: number | null;
  readonly areaM2: number;
  readonly ratingUm: number | null;
  /** Bags one inside the other. */
  readonly layers: number;
  /** Washed so many times before. */
  readonly washes: number;
  readonly wet: boolean;
  readonly fatShare: number;
  /** Who brought most of its muck; null where nobody did. */
  readonly source: string | null;
  readonly suctionAboveMuckMm: number | null;
  /** How full of muck the settler was then; null where there is none. */
  readonly settlerFullShare: number | null;
}

/** What makes a bag choke. */
export const CLOG_CAUSES = [
  "wet-oil",
  "bottom-layer",
  "settler-full",
  "fat-in-the-cold",
  "bad-source",
  "washed-out",
] as const;
export type ClogCause = (typeof CLOG_CAUSES)[number];

/** Something that speaks for a cause: how strongly, and the figure that it rests on. */
export interface ClogEvidence {
  readonly cause: ClogCause;
  readonly weight: number;
  readonly figure: number | null;
  /** Whose oil it was, of a bad source. */
  readonly source?: string;
}

export interface Judged {
  /** How many times the minutes that the earlier runs foretell, corrected for thickness, load, drive and size. */
  readonly times: number;
  /** The same by the clock alone. */
  readonly timesByClock: number;
  readonly earlierRuns: number;
}

export type Diagnosis =
  | { readonly verdict: "too-little"; readonly earlierRuns: number }
  | (Judged & { readonly verdict: "as-usual" | "colder" | "torn" })
  | (Judged & {
      readonly verdict: "clogging";
      /** The likeliest first; empty where nothing speaks for any. */
      readonly evidence: readonly ClogEvidence[];
    });

const RUNS_TO_JUDGE = 3;
/** So much faster than foretold is no luck: oil goes round or through a tear. */
const TORN_BELOW = 1 / TREND_ALARM;

/** One square metre, one layer: bags of another size or of two layers then compare. */
const perArea = (r: ToldRun): TimedRun => ({
  litres: r.litres / r.areaM2,
  minutes: r.minutes / r.layers,
  carriedLitres: r.carriedLitres / r.areaM2,
  viscosityPaS: r.viscosityPaS,
  ...(r.kPa !== undefined && { kPa: r.kPa }),
});

const clock = (r: ToldRun): number => r.minutes / r.litres;
/** What a litre was resisted by, everything that is known taken out but the load. */
const resisted = (r: ToldRun): number => {
  const { minutes, litres, viscosityPaS, kPa } = perArea(r);
  return (minutes * (kPa ?? METRE_OF_OIL_KPA)) / litres / viscosityPaS;
};

/** How a bag runs on a clean settler: runs behind a full one, or slow themselves, say nothing of what is usual. */
function usualRuns(earlier: readonly ToldRun[]): readonly ToldRun[] {
  const clean = earlier.filter((r) => (r.settlerFullShare ?? 0) < SETTLER_FULL);
  const base = clean.length >= RUNS_TO_JUDGE ? clean : earlier;
  const middle = median(base.map(resisted));
  return base.filter((r) => resisted(r) <= TREND_ALARM * middle);
}

/**
 * Is this run's bag clogging, and why? Held against the earlier runs of its rating on its line by one fit of them, with
 * thickness, load, drive, area and layers taken out: where only the clock was slow the oil was colder and the bag is innocent;
 * one that is suddenly faster is torn. Source: physics §4, the trend.
 */
export function diagnose(last: ToldRun, earlier: readonly ToldRun[]): Diagnosis {
  const alike = earlier.filter((r) => r.ratingUm === last.ratingUm && r.litres > 0 && r.minutes > 0);
  const fit = alike.length < RUNS_TO_JUDGE ? null : fitRuns(usualRuns(alike).map(perArea));
  if (!fit || !(last.litres > 0)) return { verdict: "too-little", earlierRuns: alike.length };
  const now = perArea(last);
  const drive = (now.kPa ?? METRE_OF_OIL_KPA) / METRE_OF_OIL_KPA;
  const foretold = minutesThrough(fit, now.litres, now.carriedLitres, now.viscosityPaS) / drive;
  const judged: Judged = {
    times: now.minutes / foretold,
    timesByClock: clock(last) / median(alike.map(clock)),
    earlierRuns: alike.length,
  };
  if (judged.times < TORN_BELOW) return { verdict: "torn", ...judged };
  if (judged.times > TREND_ALARM) return { verdict: "clogging", ...judged, evidence: evidenceOf(last, alike) };
  const thicker = last.viscosityPaS / median(alike.map((r) => r.viscosityPaS));
  const isColder = judged.timesByClock > SLOW_BY_CLOCK && thicker > THICKER;
  return { verdict: isColder ? "colder" : "as-usual", ...judged };
}

/** So much slower by the clock, with oil so much thicker, is worth a word: it is the cold. */
const SLOW_BY_CLOCK = 1.5;
const THICKER = 1.4;

const TOO_CLOSE_MM = 15;
const SETTLER_FULL = 0.6;
const FATTY = 0.004;
/** Under this hard fat has set to crystals, if there is any. */
const COLD_CELSIUS = 14;
const WASHED_OFTEN = 4;

/** What speaks for each cause, the strongest first. What was found by a test or read off a stick weighs more than a habit. */
function evidenceOf(last: ToldRun, earlier: readonly ToldRun[]): ClogEvidence[] {
  const found: (ClogEvidence | false)[] = [
    last.wet && { cause: "wet-oil", weight: 5, figure: null },
    last.suctionAboveMuckMm !== null &&
      last.suctionAboveMuckMm < TOO_CLOSE_MM && {
        cause: "bottom-layer",
        weight: 4,
        figure: last.suctionAboveMuckMm,
      },
    last.settlerFullShare !== null &&
      last.settlerFullShare >= SETTLER_FULL && { cause: "settler-full", weight: 3.5, figure: last.settlerFullShare },
    fatInTheCold(last, earlier) && { cause: "fat-in-the-cold", weight: 3, figure: last.celsius },
    badSource(last, earlier) && {
      cause: "bad-source",
      weight: 2,
      figure: null,
      ...(last.source !== null && { source: last.source }),
    },
    last.washes >= WASHED_OFTEN && { cause: "washed-out", weight: 1, figure: last.washes },
  ];
  return found.filter((e) => e !== false).sort((a, b) => b.weight - a.weight);
}

/** More fat than usual, or as much on a colder day; never where nobody took a temperature. */
function fatInTheCold(last: ToldRun, earlier: readonly ToldRun[]): boolean {
  if (last.celsius === null || last.celsius > COLD_CELSIUS || last.fatShare < FATTY) return false;
  const warm = earlier.filter((r) => r.celsius !== null && r.celsius > COLD_CELSIUS);
  return warm.length > 0 || last.fatShare > 2 * median(earlier.map((r) => r.fatShare));
}

/** Most of its muck came from one who did not bring the earlier runs', or whose runs were slow before. */
function badSource(last: ToldRun, earlier: readonly ToldRun[]): boolean {
  if (last.source === null) return false;
  const own = earlier.filter((r) => r.source === last.source);
  if (own.length === 0) return earlier.some((r) => r.source !== null);
  const others = earlier.filter((r) => r.source !== last.source);
  return others.length > 0 && median(own.map(resisted)) > 1.5 * median(others.map(resisted));
}
