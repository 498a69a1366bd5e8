import { liquidOf } from "../../blending";
import { partsOf, roleOf, type VesselId, type VesselState, type YardState } from "../../ledger";
import {
  celsiusAt,
  clarityAt,
  coolingClear,
  type DirtClass,
  FallCourse,
  forecastSettling,
  type GrainSize,
  hoursUntilClear,
  scaled,
  type TemperaturePoint,
} from "../../settling";
import { MS_PER_HOUR } from "../../units";
import { covered } from "../covered";
import { slotOf } from "../slot";
import { WARMER_K } from "../terms";
import { finedForecast, sunkShare } from "./fined";
import { GrainBook } from "./grains";
import { gummedForecast, gumsDown } from "./gummed";
import { type HeatPlan, heatPlan } from "./heatPlan";
import { layersShown, type Question, questionOf } from "./settlingQuestion";
import { hungWhenWarmed, warmedForecast } from "./warmed";
import { type Way, waysFor } from "./ways";

/** Where each class has cleared to, hour by hour: what a slider runs along. */
export interface Track {
  readonly vessel: VesselId;
  readonly surfaceMm: number;
  readonly drawOffMm: number;
  readonly fronts: readonly { readonly name: string; readonly floats: boolean; readonly mm: readonly number[] }[];
}

/** How clear it is at the suction, hour by hour, and when it is all below the line. */
export interface Clearing {
  readonly clarity: readonly number[];
  readonly readyAt: string | null;
}

/** All that the bench of one vessel shows besides the yard's view: reckoned once, off the page. */
export interface SettleBench {
  readonly vessel: VesselId;
  /** The hours are counted from here, one step apart. */
  readonly since: string;
  readonly stepHours: number;
  readonly steps: number;
  /** Where now lies among the steps. */
  readonly nowStep: number;
  readonly celsius: readonly number[];
  readonly track: Track;
  /** The other vessels that settle, on the same hours. */
  readonly others: readonly Track[];
  readonly asItIs: Clearing;
  readonly warmer: Clearing;
  readonly colder: Clearing;
  readonly heated: HeatPlan & Clearing;
  /** What the forecast was before the latest reading; null where there is none. */
  readonly before: { readonly readyAt: string | null; readonly readings: number; readonly size: number } | null;
  readonly ways: readonly Way[];
}

const STEPS = 160;
const LEAST_SPAN_HOURS = 14 * 24;
const MOST_SPAN_HOURS = 400 * 24;
/** Past its latest date by this share the picture may end. */
const ROOM_AFTER = 1.15;
const NEVER_HOURS = 8_766_000;

/** Null where nothing settles, or where the models do not cover it. */
export const settleBench = (yard: YardState, vessel: VesselId, now: string): SettleBench | null =>
  covered(() => reckon(yard, vessel, slotOf(now)));

function reckon(yard: YardState, vessel: VesselId, now: string): SettleBench | null {
  const book = new GrainBook(yard, now);
  const state = yard.vessels.get(vessel);
  if (!state) return null;
  const parts = partsOf(state.contents, yard.parts);
  const q = questionOf(yard, state, parts, layersShown(state, parts, true), now, book);
  if (!q) return null;
  const oil = liquidOf(q.mix);
  const course = new FallCourse(oil, q.temperatures, []);
  const own = forecastSettling({ ...q, course, size: q.grains.size });
  const ofDirt =
    q.restHours !== null
      ? finedForecast(own, q, q.restHours)
      : q.stillHours !== null
        ? warmedForecast(own, q, course, q.stillHours)
        : own;
  const answer = q.gumHours === null ? ofDirt : gummedForecast(ofDirt, q, q.gumHours);
  const spanHours = spanOf(q, answer.latestHours ?? answer.readyHours);
  const stepHours = spanHours / STEPS;
  const hours = Array.from({ length: STEPS + 1 }, (_, i) => i * stepHours);
  const sinceMs = Date.parse(q.since);
  const { size } = q.grains;
  const moved = (kelvin: number): Clearing =>
    clearing(q, new FallCourse(oil, warmedAfter(q.temperatures, q.hours, kelvin), []), size, hours);
  const heat = heatPlan(yard, q, now);
  return {
    vessel,
    since: q.since,
    stepHours,
    steps: STEPS,
    nowStep: q.hours / stepHours,
    celsius: hours.map((h) => celsiusAt(q.temperatures, h)),
    track: trackOf(vessel, q, course, hours),
    others: othersOf(yard, vessel, sinceMs, hours, now, book),
    asItIs: clearing(q, course, size, hours),
    warmer: moved(WARMER_K),
    colder: moved(-WARMER_K),
    heated: { ...heat, ...heatedClearing(q, course, heat, hours) },
    before: beforeLatest(yard, state, now, book),
    ways: waysFor(yard, state, q, answer, heat),
  };
}

const spanOf = (q: Question, lastHours: number | null): number =>
  Math.min(MOST_SPAN_HOURS, Math.max(LEAST_SPAN_HOURS, q.hours + 7 * 24, q.hours * 1.1, (lastHours ?? 0) * ROOM_AFTER));

const isoAfter = (since: string, hours: number | null): string | null =>
  hours === null || hours > NEVER_HOURS ? null : new Date(Date.parse(since) + hours * MS_PER_HOUR).toISOString();

/** So much warmer or colder from now on, within minutes; what was is as it was. */
function warmedAfter(points: readonly TemperaturePoint[], nowHour: number, kelvin: number): TemperaturePoint[] {
  const here = celsiusAt(points, nowHour);
  return [
    ...points.filter(([hour]) => hour < nowHour),
    [nowHour, here],
    [nowHour + STEP_HOURS, here + kelvin],
    ...points.filter(([hour]) => hour > nowHour + STEP_HOURS).map(([h, c]): TemperaturePoint => [h, c + kelvin]),
  ];
}

const STEP_HOURS = 0.1;

function clearing(q: Question, course: FallCourse, size: GrainSize, hours: readonly number[]): Clearing {
  const ofDirt = clearingOfDirt(q, course, size, hours);
  const { gumHours } = q;
  if (gumHours === null) return ofDirt;
  const gumsAt = isoAfter(q.since, gumHours);
  return {
    clarity: ofDirt.clarity.map((c, i) => Math.min(c, gumsDown(hours[i] ?? 0, gumHours))),
    readyAt: ofDirt.readyAt === null || gumsAt === null ? null : ([ofDirt.readyAt, gumsAt].sort()[1] ?? null),
  };
}

function clearingOfDirt(q: Question, course: FallCourse, size: GrainSize, hours: readonly number[]): Clearing {
  const { restHours } = q;
  if (restHours !== null)
    return { clarity: hours.map((h) => sunkShare(h, restHours)), readyAt: isoAfter(q.since, restHours) };
  const depthMm = q.surfaceMm - q.drawOffMm;
  if (q.stillHours !== null)
    return coolingClearing(q, course, hours, {
      from: 0,
      stillHours: q.stillHours,
      hung: (i) => hungWhenWarmed(q, i),
    });
  return {
    clarity: hours.map((h) => clarityAt(course, q.classes, size.value, depthMm, h, q.stoodMm - q.surfaceMm)),
    readyAt: isoAfter(q.since, hoursUntilClear(course, q.classes, size.value, q.stoodMm - q.drawOffMm)),
  };
}

/** Until now as it was; while the heater runs nothing more goes down, and what lies stays there; then as it cools. */
function heatedClearing(q: Question, course: FallCourse, heat: HeatPlan, hours: readonly number[]): Clearing {
  const depthMm = q.surfaceMm - q.drawOffMm;
  const drawnMm = q.stoodMm - q.surfaceMm;
  const off = q.hours + heat.heaterHours;
  const { size } = q.grains;
  const before = forecastSettling({ ...q, course, size }).fronts;
  const cooling = new FallCourse(liquidOf(q.mix), heat.cooling, []);
  const after = coolingClearing(q, cooling, hours, {
    from: off,
    stillHours: heat.stillHours,
    hung: (i) => before[i]?.hanging ?? 1,
  });
  const now = clarityAt(course, q.classes, size.value, depthMm, q.hours, drawnMm);
  return {
    ...after,
    clarity: hours.map((h, i) => {
      if (h <= q.hours) return clarityAt(course, q.classes, size.value, depthMm, h, drawnMm);
      return h < off ? now : (after.clarity[i] ?? 1);
    }),
  };
}

interface Cooling {
  /** When the heater went off, hours since the lot was stirred. */
  readonly from: number;
  readonly stillHours: number;
  /** How much of each class hung then. */
  hung(classIndex: number): number;
}

/** How clear oil comes as it cools and goes round: by the grains' cross-section, as in a jar. */
function coolingClearing(q: Question, cooling: FallCourse, hours: readonly number[], c: Cooling): Clearing {
  const depthMm = q.surfaceMm - q.drawOffMm;
  const each = q.classes.flatMap((typical, i) => {
    const dirt = scaled(typical, q.grains.size.value);
    const sinks = cooling.fallMmAt(dirt, 1, depthMm) > 0;
    return sinks
      ? [
          {
            weight: typical.volumeShare / typical.diameterUm,
            clear: coolingClear(cooling, dirt, depthMm, c.stillHours, c.hung(i)),
          },
        ]
      : [];
  });
  const all = each.reduce((sum, e) => sum + e.weight, 0);
  const ready = each.some((e) => e.clear.clearHours === null)
    ? null
    : Math.max(0, ...each.map((e) => e.clear.clearHours ?? 0));
  return {
    clarity: hours.map((h) =>
      h < c.from || all === 0
        ? 0
        : 1 - each.reduce((sum, e) => sum + e.weight * e.clear.hangingAt(h - c.from), 0) / all,
    ),
    readyAt: isoAfter(q.since, ready === null ? null : c.from + ready),
  };
}

function trackOf(vessel: VesselId, q: Question, course: FallCourse, hours: readonly number[]): Track {
  const { stillHours } = q;
  const warm =
    stillHours === null ? null : (dirt: DirtClass) => coolingClear(course, dirt, q.surfaceMm - q.drawOffMm, stillHours);
  return {
    vessel,
    surfaceMm: q.surfaceMm,
    drawOffMm: q.drawOffMm,
    fronts: q.classes.map((c) => {
      const dirt = scaled(c, q.grains.size.value);
      const mm = hours.map((h) => {
        const fallen =
          q.restHours !== null
            ? q.stoodMm * sunkShare(h, q.restHours)
            : h <= 0
              ? 0
              : warm && course.fallMmAt(dirt, 1, q.surfaceMm) > 0
                ? q.surfaceMm * warm(dirt).clearedShareAt(h)
                : course.fallMmAt(dirt, h, q.stoodMm);
        return Math.min(q.surfaceMm, Math.max(0, q.stoodMm - fallen));
      });
      return { name: c.name, floats: course.fallMmAt(dirt, 1, q.surfaceMm) < 0, mm };
    }),
  };
}

function othersOf(
  yard: YardState,
  vessel: VesselId,
  sinceMs: number,
  hours: readonly number[],
  now: string,
  book: GrainBook,
): Track[] {
  return [...yard.vessels.values()].flatMap((state): Track[] => {
    if (state.vessel.id === vessel || !state.stirredAt || !roleOf(state.vessel.role).onShelf) return [];
    const parts = partsOf(state.contents, yard.parts);
    const q = questionOf(yard, state, parts, layersShown(state, parts, true), now, book);
    if (!q) return [];
    const later = (sinceMs - Date.parse(q.since)) / MS_PER_HOUR;
    const course = new FallCourse(liquidOf(q.mix), q.temperatures, []);
    return [
      trackOf(
        state.vessel.id,
        q,
        course,
        hours.map((h) => h + later),
      ),
    ];
  });
}

/** The forecast as it was before the latest dip or jar; null where nothing was read since it was stirred. */
function beforeLatest(yard: YardState, state: VesselState, now: string, book: GrainBook): SettleBench["before"] {
  const { dips, jars } = state;
  if (dips.length + jars.length === 0) return null;
  const dipLast = (dips.at(-1)?.at ?? "") >= (jars.at(-1)?.at ?? "");
  const earlier = dipLast ? { ...state, dips: dips.slice(0, -1) } : { ...state, jars: jars.slice(0, -1) };
  const parts = partsOf(state.contents, yard.parts);
  const q = questionOf(yard, earlier, parts, layersShown(earlier, parts, true), now, book);
  if (!q) return null;
  const course = new FallCourse(liquidOf(q.mix), q.temperatures, []);
  const ready = hoursUntilClear(course, q.classes, q.grains.size.value, q.stoodMm - q.drawOffMm);
  return { readyAt: isoAfter(q.since, ready), readings: q.grains.readings, size: q.grains.size.value };
}
