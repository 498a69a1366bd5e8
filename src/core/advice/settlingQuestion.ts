import type { MixPart } from "../blending";
import type { FluidId } from "../fluids";
import { type PartLitres, partsOf, type VesselId, type VesselState, type YardState } from "../ledger";
import {
  DIRT,
  type DirtClass,
  type DirtKind,
  drawOffLine,
  type Layer,
  layersOf,
  muckTopMm,
  type TemperaturePoint,
} from "../settling";
import { MS_PER_HOUR } from "../units";
import { capacityLitres } from "../vessels";
import { mixOf } from "./mixture";

/** The layers as they are drawn: a ledger may hold a little more than the nominal rim, the drawing stops there. */
export function layersShown(state: VesselState, parts: readonly PartLitres[], believeDips: boolean): Layer[] {
  const fits = Math.min(1, capacityLitres(state.vessel) / state.contents.total);
  const shown = parts.map((p) => ({ component: p.component, litres: p.litres * fits }));
  return layersOf(state.vessel, shown, believeDips ? (state.dips.at(-1) ?? null) : null);
}

/** All that a vessel's settling is reckoned from. */
interface Question {
  readonly classes: readonly DirtClass[];
  readonly dirt: DirtKind;
  readonly mix: readonly MixPart[];
  readonly temperatures: readonly TemperaturePoint[];
  readonly since: string;
  readonly hours: number;
  readonly surfaceMm: number;
  readonly muckTopMm: number;
  readonly drawOffMm: number;
  readonly drawableLitres: number;
}

/** Null where nothing settles: only muck there, never stirred, or the line at the surface. */
export function questionOf(
  yard: YardState,
  state: VesselState,
  parts: readonly PartLitres[],
  layers: readonly Layer[],
  now: string,
): Question | null {
  const mix = mixOf(parts, yard.settings.usedFactor);
  const { stirredAt } = state;
  if (mix.length === 0 || !stirredAt) return null;
  const surfaceMm = layers.at(-1)?.toMm ?? 0;
  const top = muckTopMm(layers);
  const line = drawOffLine(state.vessel, state.contents.total, surfaceMm, top, yard.settings.marginMm);
  if (!line) return null;
  const dirt = dirtOf(yard, parts);
  return {
    classes: DIRT[dirt],
    dirt,
    mix,
    temperatures: shedTemperaturesSince(yard, stirredAt),
    since: stirredAt,
    hours: Math.max(0, (Date.parse(now) - Date.parse(stirredAt)) / MS_PER_HOUR),
    surfaceMm,
    muckTopMm: top,
    drawOffMm: line.drawOffMm,
    drawableLitres: line.aboveLitres,
  };
}

/** The same as plain data: the input of the calculation that says when it is ready, for whoever asks why. */
export interface SettlingQuestionData {
  readonly classes: { name: string; diameterUm: number; density: DirtClass["density"] }[];
  readonly parts: { fluid: FluidId; litres: number; usedFactor: number }[];
  readonly temperatures: [hour: number, celsius: number][];
  readonly surfaceMm: number;
  readonly drawOffMm: number;
  readonly hours: number;
}

const A_DROP_LITRES = 1e-5;

/** What a vessel's forecast is reckoned from, at a moment; null where it has none. */
export function settlingQuestion(yard: YardState, vessel: VesselId, now: string): SettlingQuestionData | null {
  const state = yard.vessels.get(vessel);
  if (!state) return null;
  const parts = partsOf(state.contents, yard.parts);
  const q = questionOf(yard, state, parts, layersShown(state, parts, true), now);
  if (!q) return null;
  return {
    classes: q.classes.map(({ name, diameterUm, density }) => ({ name, diameterUm, density })),
    parts: q.mix
      .filter((p) => p.litres >= A_DROP_LITRES)
      .map(({ fluid, litres, usedFactor }) => ({ fluid: fluid.id, litres, usedFactor })),
    temperatures: q.temperatures.map(([hour, celsius]) => [hour, celsius]),
    surfaceMm: q.surfaceMm,
    drawOffMm: q.drawOffMm,
    hours: q.hours,
  };
}

/** The worst kind of dirt among the sources of what is in it, by their litres; engine oil outranks meat outranks chips. */
function dirtOf(yard: YardState, parts: readonly PartLitres[]): DirtKind {
  const total = parts.reduce((sum, p) => sum + p.litres, 0);
  const share = (kind: DirtKind): number =>
    parts.reduce((sum, p) => {
      const origin = yard.origins.get(p.origin as never);
      const source = origin?.source ? yard.sources.get(origin.source)?.source : undefined;
      return source?.dirt === kind ? sum + p.litres : sum;
    }, 0) / total;
  if (share("engine-oil") > 0.1) return "engine-oil";
  return share("meaty-fryer") > 0.1 ? "meaty-fryer" : "light-fryer";
}

/** The shed's logged temperatures as hours since a time; the last before it counts from the start. */
function shedTemperaturesSince(yard: YardState, since: string): TemperaturePoint[] {
  const start = Date.parse(since);
  const points: TemperaturePoint[] = [];
  for (let i = yard.shedTemperatures.length - 1; i >= 0; i--) {
    const reading = yard.shedTemperatures[i];
    if (!reading) break;
    points.push([(Date.parse(reading.at) - start) / MS_PER_HOUR, reading.celsius]);
    if (reading.at <= since) break;
  }
  return points.length > 0 ? points.reverse() : [[0, yard.settings.shedCelsius]];
}
