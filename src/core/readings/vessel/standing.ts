import { liquidOf, type UnmixedLayer } from "../../blending";
import { byComponent, type ComponentId, type DirtKind } from "../../fluids";
import { type PartLitres, partsOf, type VesselState, type YardState } from "../../ledger";
import { FallCourse, forecastSettling, type Layer, type SettlingForecast, type TemperaturePoint } from "../../settling";
import { MS_PER_HOUR } from "../../units";
import { capacityLitres, heightAtLitres, isBroken } from "../../vessels";
import { type PetrolStanding, petrolStanding } from "../blend/gums";
import { unmixedIn } from "../blend/unmixed";
import { covered } from "../covered";
import { type ClearNow, clearNowOf } from "../settle/clearNow";
import { finedForecast } from "../settle/fined";
import type { GrainBook, Grains } from "../settle/grains";
import { gummedForecast } from "../settle/gummed";
import { layersShown, questionOf } from "../settle/settlingQuestion";
import { type Hanging, spectrumOf } from "../settle/spectrum";
import { warmedForecast } from "../settle/warmed";
import { type Keeping, keepingOf } from "../store/keeping";
import { type Thickness, thicknessOf } from "./mixture";
import { settles } from "./settles";

/** How a vessel stands: what is in it, in which layers, and where its settling has got to. Litres at 15 °C. */
export interface Standing {
  readonly litres: number;
  readonly capacityLitres: number;
  readonly surfaceMm: number;
  readonly components: readonly { readonly component: ComponentId; readonly litres: number }[];
  readonly layers: readonly Layer[];
  readonly dipped: boolean;
  readonly settling: Settling | null;
  /** It settles, but colder, hotter or stranger than the models cover: no forecast is made. */
  readonly uncovered: boolean;
  /** How thick its oil is: assumed, or as the owner's cup has said. */
  readonly thickness: Thickness;
  /** Of fuel in store or in a tank: how old it is for its kind. */
  readonly keeping: Keeping | null;
  /** Of a petrol blend: what it still needs before it may be burned. */
  readonly petrol: PetrolStanding | null;
  /** What lies in a tank since it was last driven, the lowest first; null where it is mixed. */
  readonly unmixed: readonly UnmixedLayer[] | null;
  /** Its rim lies above its own shape: it is neither drawn nor forecast until it is measured again. */
  readonly broken: boolean;
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
  /** Clear to the line, and not known to be wet. */
  readonly ready: boolean;
  readonly wet: boolean;
  /** What may be drawn before all of it is ready; null where that is too little, or where it is ready. */
  readonly clearNow: ClearNow | null;
  /** Every kind of grain of the lot, the bags' own too, and how much of each still hangs above the line. */
  readonly spectrum: readonly Hanging[];
  readonly grains: Grains;
  readonly dirt: DirtKind;
}

export function standingOf(yard: YardState, state: VesselState, now: string, book: GrainBook): Standing {
  const parts = partsOf(state.contents, yard.parts);
  if (isBroken(state.vessel)) return brokenStanding(yard, state, parts);
  const capacity = capacityLitres(state.vessel);
  const litres = state.contents.total;
  const isSettling = settles(state, parts);
  const layers = layersShown(state, parts, isSettling);
  const forecast =
    isSettling && state.stirredAt
      ? covered(() => settlingOf(yard, state, parts, layers, now, book) ?? undefined)
      : undefined;
  return {
    litres,
    capacityLitres: capacity,
    surfaceMm: heightAtLitres(state.vessel, Math.min(litres, capacity)),
    components: byComponent(parts),
    layers,
    dipped: isSettling && state.dips.length > 0,
    settling: forecast ?? null,
    uncovered: forecast === null,
    thickness: thicknessOf(yard, state, parts),
    keeping: covered(() => keepingOf(yard, state, parts, now) ?? undefined) ?? null,
    petrol: petrolStanding(state, { litres, components: parts }, yard.settings.petrolStandHours, now),
    unmixed: covered(() => unmixedIn(yard, state) ?? undefined) ?? null,
    broken: false,
  };
}

const brokenStanding = (yard: YardState, state: VesselState, parts: readonly PartLitres[]): Standing => ({
  litres: state.contents.total,
  capacityLitres: state.contents.total,
  surfaceMm: 0,
  components: byComponent(parts),
  layers: [],
  dipped: false,
  settling: null,
  uncovered: false,
  thickness: thicknessOf(yard, state, parts),
  keeping: null,
  petrol: null,
  unmixed: null,
  broken: true,
});

function settlingOf(
  yard: YardState,
  state: VesselState,
  parts: readonly PartLitres[],
  layers: readonly Layer[],
  now: string,
  book: GrainBook,
): Settling | null {
  const q = questionOf(yard, state, parts, layers, now, book);
  if (!q) return null;
  const course = new FallCourse(liquidOf(q.mix), q.temperatures, []);
  const own = forecastSettling({ ...q, course, size: q.grains.size });
  const ofDirt =
    q.restHours !== null
      ? finedForecast(own, q, q.restHours)
      : q.stillHours !== null
        ? warmedForecast(own, q, course, q.stillHours)
        : own;
  const forecast = q.gumHours === null ? ofDirt : gummedForecast(ofDirt, q, q.gumHours);
  const ready = forecast.readyHours !== null && forecast.readyHours <= q.hours;
  const wet = state.quality.water?.wet === true;
  const since = Date.parse(q.since);
  const at = (h: number | null): string | null => (h === null ? null : isoAfter(since, h));
  return {
    ...forecast,
    since: q.since,
    hours: q.hours,
    meanCelsius: meanCelsius(q.temperatures, q.hours),
    drawOffMm: q.drawOffMm,
    drawableLitres: q.drawableLitres,
    muckTopMm: q.muckTopMm,
    readyAt: at(forecast.readyHours),
    earliestAt: at(forecast.earliestHours),
    latestAt: at(forecast.latestHours),
    ready: !wet && ready,
    clearNow: ready ? null : clearNowOf(state, q, forecast),
    spectrum: spectrumOf(q, course, own, forecast),
    wet,
    grains: q.grains,
    dirt: q.dirt,
  };
}

/** A thousand years is "never" for a drum; a date beyond what a calendar holds would not print. */
const NEVER_HOURS = 8_766_000;
const isoAfter = (since: number, hours: number): string | null =>
  hours > NEVER_HOURS ? null : new Date(since + hours * MS_PER_HOUR).toISOString();

function meanCelsius(temperatures: readonly TemperaturePoint[], hours: number): number {
  const seen = temperatures.filter(([hour]) => hour <= hours);
  const used = seen.length > 0 ? seen : temperatures.slice(0, 1);
  return used.reduce((sum, [, celsius]) => sum + celsius, 0) / used.length;
}
