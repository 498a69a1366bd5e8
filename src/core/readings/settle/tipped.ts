import { liquidOf } from "../../blending";
import { byComponent, DIRT_KIND_IDS, type DirtKind, type FluidTable, type Part } from "../../fluids";
import type { Settings, Vessel } from "../../ledger";
import {
  drawOffLine,
  FallCourse,
  hoursUntilClear,
  layersOf,
  muckTopMm,
  oilTopMm,
  SIZE_AS_TYPICAL,
  waitedFor,
} from "../../settling";
import { MS_PER_HOUR } from "../../units";
import { holdsLitres } from "../../vessels";
import { covered } from "../covered";
import { mixOf } from "../vessel/mixture";
import type { Standing } from "../vessel/standing";

/** A vessel as far as tipping one into another asks. */
export interface Stands {
  readonly vessel: Vessel;
  readonly standing: Standing;
}

interface Terms {
  readonly settings: Settings;
  readonly fluids: FluidTable;
  readonly now: string;
}

/** What tipping one vessel into another does to the waiting. */
export interface Tipped {
  /** Days that each litre which comes clear comes later, on the mean; below nothing, sooner, or more of it. */
  readonly costDays: number;
  /** When all of it would be clear; null: never. */
  readonly readyHours: number | null;
  /** Clear oil of the receiver that starts anew, and in how many hours it would have been ready. */
  readonly setBackLitres: number;
  readonly setBackFromHours: number | null;
}

/** A season: what is clear later than that is as good as never. */
const SEASON_DAYS = 90;
const HOURS_PER_DAY = 24;

/** Litre-days in which clear oil is there within a season. */
export const clearLitreDays = (litres: number, hours: number | null): number =>
  hours === null ? 0 : litres * Math.max(0, SEASON_DAYS - hours / HOURS_PER_DAY);

const hoursLeft = ({ standing: { settling } }: Stands, now: string): number | null =>
  settling?.readyAt == null ? null : Math.max(0, (Date.parse(settling.readyAt) - Date.parse(now)) / MS_PER_HOUR);

const worse = (a: DirtKind, b: DirtKind): DirtKind => (DIRT_KIND_IDS.indexOf(a) > DIRT_KIND_IDS.indexOf(b) ? a : b);

/** Hours until a mix that has just been stirred in a vessel is clear, at the shed's temperature, and the litres of it. */
function fresh(into: Vessel, parts: readonly Part[], of: readonly Stands[], { settings, fluids }: Terms) {
  const litres = parts.reduce((sum, p) => sum + p.litres, 0);
  const first = of[0]?.standing;
  if (!first || litres <= 0 || litres > holdsLitres(into)) return null;
  const layers = layersOf(into, byComponent(parts), null);
  const surfaceMm = oilTopMm(layers);
  const line = drawOffLine(into, litres, surfaceMm, muckTopMm(layers), settings.marginMm);
  const mix = mixOf(parts, first.thickness, fluids);
  if (!line || mix.length === 0) return null;
  const dirt = of.map((v) => v.standing.settling?.dirt ?? "light-fryer").reduce(worse);
  const size = of.map((v) => v.standing.settling?.grains.size).find((s) => s !== undefined) ?? SIZE_AS_TYPICAL;
  const course = new FallCourse(liquidOf(mix), [[0, settings.shedCelsius]], []);
  const hours = hoursUntilClear(course, waitedFor(dirt, settings.readyFinesUm), size.value, surfaceMm - line.drawOffMm);
  return { hours, litres: line.aboveLitres };
}

/**
 * Litres of `from` tipped into `into`: both are stirred up and wait together. Held against leaving each where it is, by
 * the litres that come clear within a season and how long each is there. Null where it would not fit or nothing would be clear.
 */
export function tipped(from: Stands, into: Stands, litres: number, terms: Terms): Tipped | null {
  const share = Math.min(1, litres / from.standing.litres);
  const parts: Part[] = [
    ...into.standing.components,
    ...from.standing.components.map((c) => ({ component: c.component, litres: c.litres * share })),
  ];
  const after = covered(() => fresh(into.vessel, parts, [into, from], terms) ?? undefined);
  if (!after) return null;
  const litresOf = (v: Stands): number => v.standing.settling?.drawableLitres ?? 0;
  const setBackFromHours = hoursLeft(into, terms.now);
  const before =
    clearLitreDays(litresOf(into), setBackFromHours) + clearLitreDays(litresOf(from), hoursLeft(from, terms.now));
  return {
    costDays: (before - clearLitreDays(after.litres, after.hours)) / Math.max(1, after.litres),
    readyHours: after.hours,
    setBackLitres: litresOf(into),
    setBackFromHours,
  };
}
