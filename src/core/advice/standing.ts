import { byComponent, type ComponentId } from "../fluids";
import { type PartLitres, partsOf, type VesselState, type YardState } from "../ledger";
import {
  DIRT,
  type DirtKind,
  drawOffLine,
  FallCourse,
  forecastSettling,
  type Layer,
  layersOf,
  muckTopMm,
  type SettlingForecast,
  SIZE_AS_TYPICAL,
  type TemperaturePoint,
} from "../settling";
import { MS_PER_HOUR } from "../units";
import { capacityLitres, heightAtLitres } from "../vessels";
import { settlingOilOf } from "./mixture";

/** How a vessel stands: what is in it, in which layers, and where its settling has got to. Litres at 15 °C. */
export interface Standing {
  readonly litres: number;
  readonly capacityLitres: number;
  readonly surfaceMm: number;
  readonly components: readonly { readonly component: ComponentId; readonly litres: number }[];
  readonly layers: readonly Layer[];
  readonly dipped: boolean;
  readonly settling: Settling | null;
}

export interface Settling extends SettlingForecast {
  readonly since: string;
  readonly hours: number;
  readonly meanCelsius: number;
  readonly drawOffMm: number;
  readonly drawableLitres: number;
  readonly muckTopMm: number;
  readonly readyAt: string | null;
  readonly earliestAt: string | null;
  readonly latestAt: string | null;
  readonly ready: boolean;
  readonly dirt: DirtKind;
}

/** A vessel that was never put to settling has no draw-off line. */
const SETTLES = new Set(["raw", "settling", "settler", "heel"]);

export function standingOf(yard: YardState, state: VesselState, now: string): Standing {
  const parts = partsOf(state.contents, yard.parts);
  const capacity = capacityLitres(state.vessel);
  const litres = state.contents.total;
  const dip = state.dips.at(-1) ?? null;
  // A ledger may hold a little more than the nominal rim; the drawing stops there.
  const shown = parts.map((p) => ({ component: p.component, litres: p.litres * Math.min(1, capacity / litres) }));
  const settles = SETTLES.has(state.vessel.role);
  const layers = layersOf(state.vessel, shown, settles ? dip : null);
  return {
    litres,
    capacityLitres: capacity,
    surfaceMm: heightAtLitres(state.vessel, Math.min(litres, capacity)),
    components: byComponent(parts),
    layers,
    dipped: settles && dip !== null,
    settling: settles && state.stirredAt ? settlingOf(yard, state, parts, layers, now) : null,
  };
}

function settlingOf(
  yard: YardState,
  state: VesselState,
  parts: readonly PartLitres[],
  layers: readonly Layer[],
  now: string,
): Settling | null {
  const oil = settlingOilOf(parts, yard.settings.usedFactor);
  if (!oil || !state.stirredAt) return null;
  const surfaceMm = layers.at(-1)?.toMm ?? 0;
  const top = muckTopMm(layers);
  const line = drawOffLine(state.vessel, state.contents.total, surfaceMm, top, yard.settings.marginMm);
  if (!line) return null;
  const { drawOffMm, aboveLitres: drawableLitres } = line;
  const dirt = dirtOf(yard, parts);
  const temperatures = shedTemperaturesSince(yard, state.stirredAt);
  const hours = Math.max(0, (Date.parse(now) - Date.parse(state.stirredAt)) / MS_PER_HOUR);
  const forecast = forecastSettling({
    classes: DIRT[dirt],
    course: new FallCourse(oil, temperatures, []),
    size: SIZE_AS_TYPICAL,
    surfaceMm,
    drawOffMm,
    hours,
  });
  const since = Date.parse(state.stirredAt);
  const at = (h: number | null): string | null => (h === null ? null : isoAfter(since, h));
  return {
    ...forecast,
    since: state.stirredAt,
    hours,
    meanCelsius: meanCelsius(temperatures, hours),
    drawOffMm,
    drawableLitres,
    muckTopMm: top,
    readyAt: at(forecast.readyHours),
    earliestAt: at(forecast.earliestHours),
    latestAt: at(forecast.latestHours),
    ready: forecast.readyHours !== null && forecast.readyHours <= hours,
    dirt,
  };
}

/** A thousand years is "never" for a drum; a date beyond what a calendar holds would not print. */
const NEVER_HOURS = 8_766_000;
const isoAfter = (since: number, hours: number): string | null =>
  hours > NEVER_HOURS ? null : new Date(since + hours * MS_PER_HOUR).toISOString();

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

function meanCelsius(temperatures: readonly TemperaturePoint[], hours: number): number {
  const seen = temperatures.filter(([hour]) => hour <= hours);
  const used = seen.length > 0 ? seen : temperatures.slice(0, 1);
  return used.reduce((sum, [, celsius]) => sum + celsius, 0) / used.length;
}
