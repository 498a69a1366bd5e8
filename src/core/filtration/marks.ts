import { type LineQuestion, type LineStage, stageMinutes } from "./line";
import { typicalRunFit } from "./typicalFit";

/** Litres through by then, minutes from the start; scoops, marks on the receiver or a gauge. */
export interface RunMark {
  readonly litres: number;
  readonly minutes: number;
}

/** A run under way as its own marks have it. */
export interface RunUnderWay {
  /** Times the resistance that was foretold: of what hung there clean with its load, and of what this oil adds. */
  readonly mediumTimes: number;
  readonly cakeTimes: number;
  /** Minutes from the start until so many litres; null where the feed does not stand that high. */
  minutesAt(litres: number): number | null;
  /** Relative, two standard errors; never under a twentieth. */
  readonly off: number;
}

const SURE_AT_BEST = 0.05;
const CLOTH_UM = 100;
const NOTHING = 1e-9;
/** A drip, or a blink, is no mark. */
const LEAST = 1e-3;

/** Of the stage that a run waits for: minutes by what hangs there with its load, and by what this oil adds. */
function halvesOf(s: LineStage): readonly [LineStage, LineStage] {
  const { fit, carriedLitres } = s;
  const clean = fit.clean + fit.perLitre * carriedLitres;
  // A bag that never got slower may do so now.
  const perLitre = fit.perLitre > 0 ? fit.perLitre : typicalRunFit(s.ratingUm ?? CLOTH_UM, s.areaM2).perLitre;
  return [
    { ...s, carriedLitres: 0, fit: { ...fit, clean, perLitre: 0 } },
    { ...s, carriedLitres: 0, fit: { ...fit, clean: 0, perLitre } },
  ];
}

/** The two parts of the whole line: of bags that hang open the slowest, of one closed line all. */
function partsOf(q: LineQuestion, litres: number): readonly [number, number] | null {
  const each = q.stages.map((s) => halvesOf(s).map((half) => stageMinutes(half, q, litres)));
  if (each.some((pair) => pair.some((m) => m === null))) return null;
  const pairs = each as [number, number][];
  if (q.drive.way === "pressure") return pairs.reduce(([a, b], [m, c]) => [a + m, b + c] as const, [0, 0] as const);
  return pairs.reduce((most, pair) => (pair[0] + pair[1] > most[0] + most[1] ? pair : most), [0, 0] as const);
}

/**
 * What a run's own marks say of it: minutes = p·medium + q·cake, both as foretold under the drive with its falling head,
 * p and q by least squares of relative errors, neither below nothing. With one mark both are scaled alike. Null without a
 * mark. Source: Ruth 1935, the run's resistances in place of the bag's earlier ones.
 */
export function runUnderWay(q: LineQuestion, marks: readonly RunMark[]): RunUnderWay | null {
  const rows = marks.flatMap(({ litres, minutes }) => {
    const parts = litres > LEAST && minutes > LEAST ? partsOf(q, litres) : null;
    return parts ? [{ m: parts[0] / minutes, c: parts[1] / minutes }] : [];
  });
  if (rows.length === 0) return null;
  const { p, q: cake } = rows.length === 1 ? scaled(rows) : bothOf(rows);
  const errors = rows.map((r) => p * r.m + cake * r.c - 1);
  const free = Math.max(1, rows.length - 2);
  const sd = Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0) / free);
  return {
    mediumTimes: p,
    cakeTimes: cake,
    minutesAt(litres) {
      const parts = partsOf(q, litres);
      return parts ? p * parts[0] + cake * parts[1] : null;
    },
    off: Math.max(SURE_AT_BEST, rows.length < 3 ? 0.3 : 2 * sd),
  };
}

interface Part {
  readonly m: number;
  readonly c: number;
}
interface Times {
  readonly p: number;
  readonly q: number;
}

/** One factor for both. */
function scaled(rows: readonly Part[]): Times {
  const sums = rows.reduce((s, r) => ({ x: s.x + (r.m + r.c), xx: s.xx + (r.m + r.c) ** 2 }), { x: 0, xx: 0 });
  const times = sums.xx > 0 ? sums.x / sums.xx : 1;
  return { p: times, q: times };
}

/** Two factors by the normal equations; where one would be below nothing it is nothing and the other takes all. */
function bothOf(rows: readonly Part[]): Times {
  const sum = (of: (r: Part) => number): number => rows.reduce((s, r) => s + of(r), 0);
  const [mm, mc, cc] = [sum((r) => r.m * r.m), sum((r) => r.m * r.c), sum((r) => r.c * r.c)];
  const [m, c] = [sum((r) => r.m), sum((r) => r.c)];
  const det = mm * cc - mc * mc;
  if (!(det > NOTHING * mm * cc)) return scaled(rows);
  const [p, q] = [(m * cc - c * mc) / det, (c * mm - m * mc) / det];
  if (p >= 0 && q >= 0) return { p, q };
  return p < 0 ? { p: 0, q: c / cc } : { p: m / mm, q: 0 };
}
