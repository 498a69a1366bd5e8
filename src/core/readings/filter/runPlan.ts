import { liquidOf } from "../../blending";
import type { LineStage } from "../../filtration/line";
import { type Drive, forecastLine, type LineForecast, type LineQuestion, lineMinutes } from "../../filtration/line";
import { typicalRunFit } from "../../filtration/typicalFit";
import type { FluidTable } from "../../fluids";
import type { FeedWay, Layer, Settings } from "../../ledger";
import { heightAtLitres } from "../../vessels";
import { covered } from "../covered";
import { mixOf } from "../vessel/mixture";
import type { VesselView } from "../vessel/vesselView";
import type { BagView } from "./bagView";
import { loadsOf } from "./loads";

export interface RunAsked {
  readonly from: VesselView;
  readonly elements: readonly BagView[];
  readonly litres: number;
  /** Off the top of what stood, out of its bottom tap, or stirred up. */
  readonly layer: Layer;
  readonly celsius: number;
  readonly way: FeedWay;
  /** The feed's surface above the first of the line; null where nobody measured: the usual metre. */
  readonly headMm: number | null;
  readonly kPa: number | null;
  /** What the last of the line hangs in, where it does: its level rises against the feed's. */
  readonly inside?: VesselView | undefined;
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

/** What one change would do to the same run. */
export interface RunInstead {
  readonly change: "warmer" | "larger" | "washed" | "further" | "without";
  /** Of a larger or a washed bag which one; of a further step its rating. */
  readonly element: number | null;
  readonly ratingUm: number | null;
  readonly minutes: number | null;
  /** How many times as much dirt it would leave in the oil; only of a step left out. */
  readonly leavesTimes?: number;
}

export interface RunPlan {
  /** What was asked of the models: marks of the run are held against the same. */
  readonly question: LineQuestion;
  readonly forecast: LineForecast;
  /** Which stage the run waits for. */
  readonly slowest: number;
  /** Relative, twice what its runs scatter by; null where it is a guess by a rating. */
  readonly off: number | null;
  /** Minutes at so many litres, from none to all. */
  readonly curve: readonly { readonly litres: number; readonly minutes: number }[];
  readonly instead: readonly RunInstead[];
  /** Stays in the elements when it is over; null where nobody said what they hold. */
  readonly heldLitres: number | null;
  readonly nuMm2PerS: number;
}

const CURVE_POINTS = 24;
const WARMER_KELVIN = 10;
const LARGER = 2;
/** Ratings further apart than this leave a step out. */
const STEP_TOO_FAR = 5;

const stageOf = (b: BagView): LineStage => ({
  fit: b.fit,
  carriedLitres: b.litres,
  areaM2: b.bag.areaM2,
  ratingUm: b.bag.ratingUm ?? null,
});

/** Plan area of the feed over what is drawn, m²: litres over the fall of its surface. */
function feedAreaM2(from: VesselView, litres: number): number | null {
  const after = covered(() => heightAtLitres(from.vessel, Math.max(0, from.litres - litres)));
  const fallMm = from.surfaceMm - (after ?? from.surfaceMm);
  return fallMm > 0 ? litres / fallMm : null;
}

/** The same of a receiver that fills. */
function filledAreaM2(into: VesselView, litres: number): number | null {
  const after = covered(() => heightAtLitres(into.vessel, into.litres + litres));
  const riseMm = (after ?? into.surfaceMm) - into.surfaceMm;
  return riseMm > 0 ? litres / riseMm : null;
}

/** Head is lost at both ends where the bag hangs in what it fills: the two areas act as one. */
function headAreaM2({ from, inside, litres }: RunAsked): number | null {
  const feed = feedAreaM2(from, litres);
  const filled = inside ? filledAreaM2(inside, litres) : null;
  return feed === null || filled === null ? feed : 1 / (1 / feed + 1 / filled);
}

const driveOf = (a: RunAsked): Drive =>
  a.way === "gravity"
    ? { way: "gravity", headM: a.headMm === null ? null : a.headMm / 1000, feedAreaM2: headAreaM2(a) }
    : { way: "pressure", pressurePa: (a.kPa ?? USUAL_KPA[a.way]) * 1000 };

/** Until somebody reads a gauge. */
export const USUAL_KPA: Readonly<Record<Exclude<FeedWay, "gravity">, number>> = {
  air: 30,
  hand: 40,
  pump: 60,
  brushless: 60,
};

/** A run before it is begun; null where there is nothing to run or the models do not cover it. */
export function planRun(a: RunAsked): RunPlan | null {
  const mix = mixOf(a.from.components, a.from.thickness, a.fluids);
  if (mix.length === 0 || a.elements.length === 0 || !(a.litres > 0)) return null;
  const liquid = liquidOf(mix);
  const question = (celsius: number): LineQuestion => ({
    stages: a.elements.map(stageOf),
    litres: a.litres,
    viscosityPaS: liquid.viscosityPaS(celsius),
    kgPerM3: liquid.kgPerM3(celsius),
    drive: driveOf(a),
    loads: loadsOf(a.from, a, liquid, celsius),
    patienceLitresPerHour: a.settings.patienceLitresPerHour,
  });
  return (
    covered(() => {
      const q = question(a.celsius);
      const forecast = forecastLine(q);
      const held = a.elements.flatMap((e) => e.bag.holdsLitres ?? []);
      return {
        question: q,
        forecast,
        slowest: slowestOf(forecast),
        off: offOf(q.stages[slowestOf(forecast)]),
        curve: Array.from({ length: CURVE_POINTS + 1 }, (_, i) => {
          const litres = (a.litres * i) / CURVE_POINTS;
          return { litres, minutes: lineMinutes(q, litres) ?? Number.NaN };
        }).filter((p) => Number.isFinite(p.minutes)),
        instead: insteadOf(a, q, forecast, question),
        heldLitres: held.length > 0 ? held.reduce((sum, l) => sum + l, 0) : null,
        nuMm2PerS: (q.viscosityPaS / q.kgPerM3) * 1e6,
      };
    }) ?? null
  );
}

const slowestOf = (f: LineForecast): number =>
  f.stages.reduce((s, x, i) => ((x.minutes ?? 1e12) > (f.stages[s]?.minutes ?? 1e12) ? i : s), 0);

const LEAST_OFF = 0.15;
const MOST_OFF = 0.8;
const USUAL_SCATTER = 0.2;

/** No run of a bag is like another to the minute. */
const offOf = (s: LineStage | undefined): number | null =>
  !s || s.fit.runs === 0 ? null : Math.min(MOST_OFF, Math.max(LEAST_OFF, 2 * (s.fit.scatter ?? USUAL_SCATTER)));

/** A warmer hour, a colder one, the slowest bag twice as large or washed, and a step between where two lie far apart. */
function insteadOf(a: RunAsked, q: LineQuestion, f: LineForecast, at: (celsius: number) => LineQuestion): RunInstead[] {
  const slowest = slowestOf(f);
  const stage = q.stages[slowest];
  const swapped = (to: LineStage): LineQuestion => ({ ...q, stages: q.stages.with(slowest, to) });
  const all: RunInstead[] = [
    {
      change: "warmer",
      element: null,
      ratingUm: null,
      minutes: lineMinutes(at(a.celsius + WARMER_KELVIN), q.litres),
    },
  ];
  if (stage) {
    const { fit, areaM2 } = stage;
    const larger = { ...fit, clean: fit.clean / LARGER, perLitre: fit.perLitre / LARGER ** 2 };
    all.push({
      change: "larger",
      element: slowest,
      ratingUm: null,
      minutes: lineMinutes(swapped({ ...stage, fit: larger, areaM2: areaM2 * LARGER }), q.litres),
    });
    if (stage.carriedLitres > 0)
      all.push({
        change: "washed",
        element: slowest,
        ratingUm: null,
        minutes: lineMinutes(swapped({ ...stage, carriedLitres: 0 }), q.litres),
      });
  }
  if (q.stages.length > 1 && f.leftG > 0) {
    const without = { ...q, stages: q.stages.slice(0, -1) };
    all.push({
      change: "without",
      element: q.stages.length - 1,
      ratingUm: null,
      minutes: lineMinutes(without, q.litres),
      leavesTimes: forecastLine(without).leftG / f.leftG,
    });
  }
  const gap = widestGap(q.stages);
  if (gap !== null)
    all.push({ change: "further", element: gap.before, ratingUm: gap.um, minutes: furtherMinutes(q, gap) });
  return all;
}

interface Gap {
  readonly before: number;
  readonly um: number;
}

/** Where two ratings that follow each other are furthest apart, and the one between them; null where none is missing. */
function widestGap(stages: readonly LineStage[]): Gap | null {
  let widest: Gap | null = null;
  let factor = STEP_TOO_FAR;
  for (const [i, s] of stages.entries()) {
    const next = stages[i + 1];
    if (!next || s.ratingUm === null || next.ratingUm === null) continue;
    if (s.ratingUm / next.ratingUm <= factor) continue;
    factor = s.ratingUm / next.ratingUm;
    widest = { before: i + 1, um: Math.round(Math.sqrt(s.ratingUm * next.ratingUm)) };
  }
  return widest;
}

/** With the step between, the finer one's cake grows by what is left for it. */
function furtherMinutes(q: LineQuestion, gap: Gap): number | null {
  const fine = q.stages[gap.before];
  if (!fine) return null;
  const caughtBefore = forecastLine(q).stages[gap.before]?.caughtG ?? 0;
  const between: LineStage = {
    fit: typicalRunFit(gap.um, fine.areaM2),
    carriedLitres: 0,
    areaM2: fine.areaM2,
    ratingUm: gap.um,
  };
  const stages = q.stages.toSpliced(gap.before, 0, between);
  const caughtNow = forecastLine({ ...q, stages }).stages[gap.before + 1]?.caughtG ?? 0;
  const relieved = caughtBefore > 0 ? caughtNow / caughtBefore : 1;
  const fineNow = { ...fine, fit: { ...fine.fit, perLitre: fine.fit.perLitre * relieved } };
  return lineMinutes({ ...q, stages: stages.with(gap.before + 1, fineNow) }, q.litres);
}

/** The finest rating that all of it will have been through: what no cloth of unknown make can prove. */
export const provenUm = (elements: readonly BagView[], before: number | null): number | null =>
  elements.reduce<number | null>((um, e) => {
    const rating = e.bag.ratingUm;
    return rating === undefined ? um : Math.min(um ?? Number.POSITIVE_INFINITY, rating);
  }, before);
