import { Refused } from "../numerics";
import { caughtShare, type DirtLoad } from "./cascade";
import { gravitySeconds } from "./gravity";
import { type LitresLeft, litresUntilSlow, METRE_OF_OIL_PA, minutesThrough, type RunFit } from "./runPace";

/** One element of a line as a run meets it. */
export interface LineStage {
  readonly fit: RunFit;
  /** Litres through it since it was new or washed. */
  readonly carriedLitres: number;
  readonly areaM2: number;
  /** Null where nobody knows it: it is not reckoned to catch anything. */
  readonly ratingUm: number | null;
}

/** What drives a run. Of gravity the head may be unknown, and then it is the usual metre and does not fall. */
export type Drive =
  | { readonly way: "gravity"; readonly headM: number | null; readonly feedAreaM2: number | null }
  | { readonly way: "pressure"; readonly pressurePa: number };

export interface LineQuestion {
  readonly stages: readonly LineStage[];
  readonly litres: number;
  readonly viscosityPaS: number;
  readonly kgPerM3: number;
  readonly drive: Drive;
  readonly loads: readonly DirtLoad[];
  readonly patienceLitresPerHour: number;
}

export interface StageForecast {
  /** By itself; null where the feed does not stand that high above it. */
  readonly minutes: number | null;
  readonly caughtG: number;
  readonly left: LitresLeft;
}

export interface LineForecast {
  readonly stages: readonly StageForecast[];
  /** Bags that hang open wait for the slowest; in one closed line they resist together. */
  readonly minutes: number | null;
  /** The stage that is slow before the litres are through, and at which of them; null where none is. */
  readonly slowFirst: { readonly stage: number; readonly litre: number } | null;
  readonly leftG: number;
}

const MINUTE = 60;
const M3_PER_LITRE = 1e-3;

/** The fit's minutes as the resistances that they stand for: Rm in 1/m with what it carries already, αc in 1/m². */
export function resistancesOf(s: LineStage): { readonly mediumPerM: number; readonly cakePerM2: number } {
  const perMinute = M3_PER_LITRE / MINUTE / (s.areaM2 * METRE_OF_OIL_PA);
  const cakePerM2 = (s.fit.perLitre * s.areaM2) / (M3_PER_LITRE * perMinute);
  return { mediumPerM: s.fit.clean / perMinute + (cakePerM2 * s.carriedLitres * M3_PER_LITRE) / s.areaM2, cakePerM2 };
}

/** Minutes of one stage by itself under the drive, falling head integrated. */
export function stageMinutes(s: LineStage, q: LineQuestion, litres: number): number | null {
  const { drive, viscosityPaS } = q;
  const byTheMetre = minutesThrough(s.fit, litres, s.carriedLitres, viscosityPaS);
  if (drive.way === "pressure") return (byTheMetre * METRE_OF_OIL_PA) / drive.pressurePa;
  if (drive.headM === null || drive.feedAreaM2 === null) return byTheMetre;
  const bag = { areaM2: s.areaM2, headM: drive.headM, feedAreaM2: drive.feedAreaM2, ...resistancesOf(s) };
  try {
    return gravitySeconds(bag, viscosityPaS, q.kgPerM3, litres) / MINUTE;
  } catch (error) {
    if (error instanceof Refused) return null;
    throw error;
  }
}

const pressureOf = (q: LineQuestion): number =>
  q.drive.way === "pressure" ? q.drive.pressurePa : (q.drive.headM ?? 1) * METRE_OF_OIL_PA;

/** Minutes until so many litres are through the whole line; null where they never are. */
export function lineMinutes(q: LineQuestion, litres: number): number | null {
  const each = q.stages.map((s) => stageMinutes(s, q, litres));
  if (each.some((m) => m === null)) return null;
  const minutes = each as number[];
  return q.drive.way === "pressure" ? minutes.reduce((sum, m) => sum + m, 0) : Math.max(0, ...minutes);
}

/**
 * A run before it is begun: minutes and grams of each stage, how many litres are left in it, and which is slow first. Each
 * bag meets what the ones before it let pass. Source: physics §4; resistances by the bags' own runs where there are any.
 */
export function forecastLine(q: LineQuestion): LineForecast {
  let arriving = q.loads.map((l) => ({ um: l.diameterUm, grams: l.gramsPerLitre * q.litres }));
  const stages = q.stages.map((s): StageForecast => {
    const held = arriving.map((a) => (s.ratingUm === null ? 0 : a.grams * caughtShare(a.um, s.ratingUm)));
    arriving = arriving.map((a, i) => ({ um: a.um, grams: a.grams - (held[i] ?? 0) }));
    return {
      minutes: stageMinutes(s, q, q.litres),
      caughtG: held.reduce((sum, g) => sum + g, 0),
      left: litresUntilSlow(s.fit, s.carriedLitres, q.viscosityPaS, q.patienceLitresPerHour, pressureOf(q)),
    };
  });
  const shortest = stages.reduce<LineForecast["slowFirst"]>((first, { left }, stage) => {
    if (left.litres === null || left.litres >= q.litres) return first;
    return first === null || left.litres < first.litre ? { stage, litre: left.litres } : first;
  }, null);
  return {
    stages,
    minutes: lineMinutes(q, q.litres),
    slowFirst: shortest,
    leftG: arriving.reduce((sum, a) => sum + a.grams, 0),
  };
}
