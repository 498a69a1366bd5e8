import { mixRho15KgPerL, mixViscosityMm2PerS } from "../../blending";
import {
  type Coached,
  coolantAlong,
  fitTanks,
  fitTau,
  TYPICAL_RISE_K,
  TYPICAL_TAU_MINUTES,
  type WarmUp,
} from "../../driving";
import {
  isHeated,
  type Moment,
  minutesToFuel,
  type Plumbed,
  type RigCelsius,
  rigCelsius,
  running,
  standFor,
  type TripEvent,
  type Warmth,
} from "../../driving/rig";
import type { FluidTable } from "../../fluids";
import { loopOf, type Settings, tanksOf, type Vehicle, type VehicleState, type VesselId } from "../../ledger";
import { bisect, type Fitted } from "../../numerics";
import { covered } from "../covered";
import { mixOf } from "../vessel/mixture";
import { type ColdTank, marksOf } from "./vehicleCold";

/** As much of a tank as a trip is reckoned with. */
export interface RiddenTank extends ColdTank {
  readonly litres: number;
  readonly capacityLitres: number;
}

export const GATE_CELSIUS = 70;
export const THERMOSTAT_CELSIUS = 88;

/** The tank of the yard that a rig's tank is. */
export function vesselOfTank(vehicle: Vehicle, part: string): VesselId {
  const tank = vehicle.rig.parts.find((p) => p.id === part);
  const holds = tank?.kind === "tank" ? tank.holds : "oil";
  if (vehicle.kind === "single") return vehicle.tank;
  return holds === "oil" ? vehicle.oilTank : vehicle.dieselTank;
}

type TankOf = (id: VesselId) => RiddenTank | undefined;

/** So many purges listened to overrule how a line usually mixes. */
const ENOUGH_PURGES = 3;

/** How the line mixes by its own purges; null until there are some, or where they do not fit what it holds. */
function heardTanks({ vehicle, purges }: VehicleState, lineLitres: number): number | null {
  if (vehicle.kind !== "dual" || vehicle.tanksInSeries !== undefined || purges.length < ENOUGH_PURGES) return null;
  return covered(() => fitTanks(purges, lineLitres).value);
}

/** A vehicle as it stands, about to be driven. */
export function plumbedOf(state: VehicleState, tank: TankOf): Plumbed {
  const { vehicle, residualOilShare } = state;
  const loop = loopOf(vehicle);
  const heard = loop.line && heardTanks(state, loop.line.lineLitres);
  const line = loop.line && heard ? { ...loop.line, tanksInSeries: heard } : loop.line;
  const tanks = vehicle.rig.parts.flatMap((p) => {
    if (p.kind !== "tank") return [];
    const at = tank(vesselOfTank(vehicle, p.id));
    return [[p.id, { litres: at?.litres ?? 0, capacityLitres: at?.capacityLitres ?? 0 }] as const];
  });
  return {
    rig: vehicle.rig,
    ...loop,
    line,
    tanks: Object.fromEntries(tanks),
    leftOilShare: residualOilShare ?? 0,
  };
}

/** How this vehicle's engine warms, and on how many looks at its gauge that rests. */
export interface Warming {
  readonly engine: WarmUp;
  readonly tau: Fitted | null;
}

export function warmingOf({ vehicle, warmUps }: VehicleState, ambientCelsius: number): Warming {
  const thermostatCelsius = vehicle.thermostatCelsius ?? THERMOSTAT_CELSIUS;
  const tau = covered(() => fitTau(warmUps, TYPICAL_RISE_K, thermostatCelsius)) ?? null;
  return {
    tau,
    engine: {
      ambientCelsius,
      startCelsius: ambientCelsius,
      riseK: TYPICAL_RISE_K,
      thermostatCelsius,
      tauMinutes: tau?.value ?? TYPICAL_TAU_MINUTES,
    },
  };
}

/** What one look at the road is made of. */
export interface Asked {
  readonly state: VehicleState;
  readonly tank: TankOf;
  readonly settings: Settings;
  readonly fluids: FluidTable;
  readonly outsideCelsius: number;
  readonly markShare: number;
}

/** A trip under way, or about to be: where the fuel is, how warm, and what the coach goes by. */
export interface Ridden extends Coached {
  readonly minute: number;
  readonly coolantCelsius: number;
  readonly warming: Warming;
  /** Of the fuel as the valves stand now. */
  readonly celsius: RigCelsius;
  /** As the gauge said it last; null where none was read. */
  readonly gaugeFuelCelsius: number | null;
  readonly gaugeDropKPa: number | null;
  readonly gaugePressureKPa: number | null;
  /** Nothing on it warms the oil: it is judged by how thin it is as it comes. */
  readonly isHeated: boolean;
  /** Oil must be so warm to be thin enough, whatever the gate; null where it never is. */
  readonly thinFromCelsius: number | null;
}

const NO_NU = Number.POSITIVE_INFINITY;

/** A gauge that was read a while ago says no more how hot the fuel is. */
const READ_LASTS_MINUTES = 3;

/** Where a trip stands at a minute of it: where its fuel is, how warm it is, and what the coach goes by. */
export function lookedAt(
  { state, tank, settings, fluids, outsideCelsius, markShare }: Asked,
  plumbed: Plumbed,
  moment: Moment,
  events: readonly TripEvent[],
  minute: number,
): Omit<Ridden, "isStopping"> {
  const { vehicle } = state;
  const warming = warmingOf(state, outsideCelsius);
  const coolantCelsius = coolantAlong(warming.engine, events, minute);
  const oilVessel = tank(vehicle.kind === "dual" ? vehicle.oilTank : tanksOf(vehicle)[0]);
  const mix = oilVessel ? mixOf(oilVessel.components, oilVessel.thickness, fluids) : [];
  const nuAt = (celsius: number): number =>
    (mix.length > 0 ? covered(() => mixViscosityMm2PerS(mix, celsius)) : undefined) ?? NO_NU;
  const limitMm2PerS = marksOf(settings, vehicle).pumpLimitMm2PerS;
  const heated = isHeated(vehicle.rig);
  const tankCelsius = Object.fromEntries(Object.keys(plumbed.tanks).map((id) => [id, outsideCelsius]));
  const warmth: Warmth = {
    tankCelsius,
    coolantCelsius,
    isHeaterOn: moment.isHeaterOn || !vehicle.rig.parts.some((p) => p.kind === "exchanger"),
    rho15KgPerL: mix.length > 0 ? mixRho15KgPerL(mix) : 0.92,
  };
  const burn = plumbed.burnLitresPerMinute;
  const celsius = rigCelsius(vehicle.rig, moment.setting, burn, warmth);
  const oilStand = standFor(vehicle.rig, plumbed.stands, "oil");
  const onOil = oilStand ? { ...running(oilStand.at), power: moment.setting.power } : null;
  const read = lastRead(events, minute);
  const modelled = (onOil && rigCelsius(vehicle.rig, onOil, burn, warmth).atPump) ?? coolantCelsius;
  const oilCelsius = moment.mode === "oil" && read?.fuelCelsius !== undefined ? read.fuelCelsius : modelled;
  const thinFromCelsius = thinFrom(nuAt, limitMm2PerS);
  // Nothing warms it: it must be thin enough as it comes, and no gate of degrees helps.
  const gateCelsius = heated ? (vehicle.gateCelsius ?? GATE_CELSIUS) : Number.NEGATIVE_INFINITY;
  const goal = Math.max(gateCelsius, thinFromCelsius ?? Number.POSITIVE_INFINITY);
  const { coolantCelsius: _, ...cold } = warmth;
  const toGate =
    Number.isFinite(goal) && onOil
      ? minutesToFuel(vehicle.rig, onOil, burn, cold, { ...warming.engine, startCelsius: coolantCelsius }, goal)
      : null;
  return {
    plumbed,
    moment,
    minute,
    coolantCelsius,
    warming,
    celsius,
    oilCelsius,
    oilNu: nuAt(oilCelsius),
    gateCelsius,
    limitMm2PerS,
    minutesToGate: toGate,
    markShare,
    gaugeFuelCelsius: read?.fuelCelsius ?? null,
    gaugeDropKPa: lastOf(events, "dropKPa"),
    gaugePressureKPa: lastOf(events, "pressureKPa"),
    isHeated: heated,
    thinFromCelsius,
  };
}

type Read = Extract<TripEvent, { what: "read" }>;
const readsOf = (events: readonly TripEvent[]): Read[] => events.filter((e) => e.what === "read");

const lastRead = (events: readonly TripEvent[], minute: number): Read | undefined =>
  readsOf(events).findLast((e) => minute - e.minute <= READ_LASTS_MINUTES && e.fuelCelsius !== undefined);

const lastOf = (events: readonly TripEvent[], figure: "dropKPa" | "pressureKPa"): number | null =>
  readsOf(events).findLast((e) => e[figure] !== undefined)?.[figure] ?? null;

const COLDEST = -40;
const HOTTEST = 140;

/** Where a fuel's viscosity meets the limit; the coldest where it is always thin enough, null where it never is. */
function thinFrom(nuAt: (celsius: number) => number, limit: number): number | null {
  if (nuAt(COLDEST) <= limit) return COLDEST;
  if (!(nuAt(HOTTEST) <= limit)) return null;
  return bisect((celsius) => limit - nuAt(celsius), COLDEST, HOTTEST);
}
