import { liquidOf, mixLhvMJPerL, mixLitres, mixRho15KgPerL } from "../../blending";
import { dryingKWh } from "../../kettle";
import type { YardState } from "../../ledger";
import {
  celsiusAt,
  coolingClear,
  coolingTo,
  type DirtShare,
  FallCourse,
  forecastSettling,
  hoursUntilStill,
  scaled,
  type TemperaturePoint,
} from "../../settling";
import { shedFrom } from "./course";
import type { Question } from "./settlingQuestion";

/** A lot warmed once in a lagged kettle and left to cool: what it takes, and how warm it stays. */
export interface HeatPlan {
  readonly fromCelsius: number;
  readonly toCelsius: number;
  readonly kWh: number;
  readonly cost: number;
  /** Until it is hot: stirred by its own warmth all the while. */
  readonly heaterHours: number;
  /** The energy as litres of this oil. */
  readonly oilLitres: number;
  /** Hours since the heater went off. */
  readonly cooling: readonly TemperaturePoint[];
  /** Until it is as cold as its shed, and stands still. */
  readonly stillHours: number;
  /** The same warmth in three ways: what each takes, and when water and fines are gone. */
  readonly warmings: readonly Warming[];
}

export const WARMINGS = ["open", "lagged", "held"] as const;

/** One way to warm a lot: in an open drum or a lagged kettle once and left, or held warm by a thermostat. */
export interface Warming {
  readonly how: (typeof WARMINGS)[number];
  readonly kWh: number;
  readonly cost: number;
  /** Hours from now until next to no water hangs, and next to no fines of the owner's mark; null: never. */
  readonly waterHours: number | null;
  readonly finesHours: number | null;
}

/** Of a kettle's heat a tenth goes past the oil. */
export const HEATER_EFFICIENCY = 0.9;
const MJ_PER_KWH = 3.6;

/** Heat for a day: m·cp·ΔT/efficiency, then Newton's cooling towards the shed. Source: physics §5 (drying), §3. */
export function heatPlan(yard: YardState, q: Question, now: string): HeatPlan {
  const { warmToCelsius, heaterKw, coolingHours, openCoolingHours, energyPricePerKwh } = yard.settings;
  const from = celsiusAt(q.temperatures, q.hours);
  const toCelsius = Math.max(from, warmToCelsius);
  const kg = mixLitres(q.mix) * mixRho15KgPerL(q.mix);
  const kWh = dryingKWh(kg, from, toCelsius, 0, HEATER_EFFICIENCY);
  const heaterHours = kWh / heaterKw;
  const cooling = coolingTo(shedFrom(yard, now), toCelsius, coolingHours);
  const stillHours = hoursUntilStill(toCelsius - from, coolingHours);
  const standing = new FallCourse(liquidOf(q.mix), q.temperatures, []);
  const fronts = forecastSettling({ ...q, course: standing, size: q.grains.size }).fronts;
  const hungOf = (d: DirtShare): number => fronts[q.classes.indexOf(d)]?.hanging ?? 1;
  const common = { q, from, toCelsius, kWh, heaterHours, hungOf };
  return {
    stillHours,
    warmings: [
      warming(yard, { ...common, how: "open", coolingHours: openCoolingHours, now }),
      warming(yard, { ...common, how: "lagged", coolingHours, now }),
      heldWarm(yard, common),
    ],
    fromCelsius: from,
    toCelsius,
    kWh,
    cost: kWh * energyPricePerKwh,
    heaterHours,
    oilLitres: (kWh * MJ_PER_KWH) / mixLhvMJPerL(q.mix),
    cooling,
  };
}

interface Warmed {
  readonly q: Question;
  readonly from: number;
  readonly toCelsius: number;
  readonly kWh: number;
  readonly heaterHours: number;
  /** The share of a class that hangs now: what lies is not stirred up by warmth. */
  hungOf(d: DirtShare): number;
}

/** Held warm it always goes round. */
const NEVER_STILL_HOURS = 1e6;

/** The last of some classes to go, hours from now; null where one never does, 0 where there is none. */
const lastOf = (classes: readonly DirtShare[], hoursFor: (d: DirtShare) => number | null): number | null => {
  const all = classes.map(hoursFor);
  return all.some((h) => h === null) ? null : Math.max(0, ...all.map((h) => h ?? 0));
};

const isWater = (d: DirtShare): boolean => d.density.kind === "water";
const isFines = (d: DirtShare): boolean => d.density.kind === "fixed";

/** Heated once, then left: it goes round as it cools, and what hangs goes down all the same. */
function warming(
  yard: YardState,
  w: Warmed & { readonly how: "open" | "lagged"; readonly coolingHours: number; readonly now: string },
): Warming {
  const { q, toCelsius, coolingHours } = w;
  const course = new FallCourse(liquidOf(q.mix), coolingTo(shedFrom(yard, w.now), toCelsius, coolingHours), []);
  const stillHours = hoursUntilStill(toCelsius - w.from, coolingHours);
  const hoursFor = (d: DirtShare): number | null => {
    const { clearHours } = coolingClear(
      course,
      scaled(d, q.grains.size.value),
      q.surfaceMm - q.drawOffMm,
      stillHours,
      w.hungOf(d),
    );
    // What is down already needs no warmth.
    return clearHours === null ? null : clearHours === 0 ? 0 : w.heaterHours + clearHours;
  };
  return {
    how: w.how,
    kWh: w.kWh,
    cost: w.kWh * yard.settings.energyPricePerKwh,
    waterHours: lastOf(q.classes.filter(isWater), hoursFor),
    finesHours: lastOf(q.classes.filter(isFines), hoursFor),
  };
}

/**
 * Held warm by a thermostat in the lagged kettle: the heater runs as long as the lagging leaks, and only the hours that
 * it is off count. Always going round, so that there is never a front.
 */
function heldWarm(yard: YardState, { q, from, toCelsius, kWh, heaterHours, hungOf }: Warmed): Warming {
  const { coolingHours, heaterKw, energyPricePerKwh } = yard.settings;
  // Leaks as fast as it would cool: a kelvin's worth of its heat times ΔT/τ.
  const lossKw = toCelsius > from ? kWh / coolingHours : 0;
  const offShare = Math.max(0, 1 - lossKw / heaterKw);
  const course = new FallCourse(liquidOf(q.mix), [[0, toCelsius]], []);
  const hoursFor = (d: DirtShare): number | null => {
    const { clearHours } = coolingClear(
      course,
      scaled(d, q.grains.size.value),
      q.surfaceMm - q.drawOffMm,
      NEVER_STILL_HOURS,
      hungOf(d),
    );
    if (clearHours === null || offShare === 0) return null;
    return clearHours === 0 ? 0 : heaterHours + clearHours / offShare;
  };
  const finesHours = lastOf(q.classes.filter(isFines), hoursFor);
  const held = kWh + lossKw * Math.max(0, (finesHours ?? heaterHours) - heaterHours);
  return {
    how: "held",
    kWh: held,
    cost: held * energyPricePerKwh,
    waterHours: lastOf(q.classes.filter(isWater), hoursFor),
    finesHours,
  };
}
