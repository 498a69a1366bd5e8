import { type MixPart, mixViscosityMm2PerS } from "../../blending";
import { tanksOf, type VehicleId, type VesselId } from "../../ledger";
import type { YardReading } from "../../readings";
import { assumed, mixOf } from "../../readings/vessel/mixture";
import { MS_PER_HOUR } from "../../units";
import type { Advice, Rule } from "../advice";

export type DriveMatter =
  | {
      readonly code: "too-thick";
      readonly vehicle: VehicleId;
      readonly nuMm2PerS: number;
      readonly limitMm2PerS: number;
      readonly celsius: number;
    }
  | { readonly code: "diesel-tainted"; readonly vehicle: VehicleId; readonly oilShare: number }
  | { readonly code: "not-purged"; readonly vehicle: VehicleId; readonly oilShare: number }
  | { readonly code: "fill"; readonly vehicle: VehicleId; readonly roomLitres: number; readonly from: VesselId };

/** More waste oil than this in a diesel tank was not put there on purpose. */
const TAINTED = 0.05;
const NOT_PURGED = 0.06;
const LOW_TANK = 0.35;

/** Anything in a start tank that will be over the pump limit on the coldest hour of tonight. */
function tooThick(reading: YardReading): Advice[] {
  const { vehicles, settings, now } = reading;
  return vehicles.flatMap(({ vehicle }): Advice[] => {
    const tank = reading.byId.get(tanksOf(vehicle)[0]);
    const mix = tank ? mixOf(tank.standing.components, tank.standing.thickness, reading.fluids) : [];
    if (!tank || mix.length === 0) return [];
    const nuMm2PerS = mixViscosityMm2PerS(mix, settings.tonightLowCelsius);
    if (nuMm2PerS <= settings.pumpLimitMm2PerS) return [];
    return [
      {
        id: `too-thick ${vehicle.id}`,
        code: "too-thick",
        dueAt: tonight(now),
        station: "blend",
        vessel: tank.state.vessel.id,
        vehicle: vehicle.id,
        nuMm2PerS,
        limitMm2PerS: settings.pumpLimitMm2PerS,
        celsius: settings.tonightLowCelsius,
      },
    ];
  });
}

/** Waste oil where only diesel should be. */
function taintedDiesel(reading: YardReading): Advice[] {
  return reading.vehicles.flatMap(({ vehicle }): Advice[] => {
    if (vehicle.kind !== "dual") return [];
    const tank = reading.byId.get(vehicle.dieselTank);
    const oilShare = tank ? heavyShare(mixOf(tank.standing.components, assumed(1), reading.fluids)) : 0;
    if (!tank || oilShare < TAINTED) return [];
    const { id } = tank.state.vessel;
    return [
      {
        id: `tainted ${id}`,
        code: "diesel-tainted",
        dueAt: reading.now,
        station: "drive",
        vessel: id,
        vehicle: vehicle.id,
        oilShare,
      },
    ];
  });
}

function notPurged({ vehicles, now, settings }: YardReading): Advice[] {
  if (settings.tonightLowCelsius > 10) return [];
  return vehicles.flatMap(({ vehicle, residualOilShare }): Advice[] => {
    if (vehicle.kind !== "dual" || residualOilShare === null || residualOilShare <= NOT_PURGED) return [];
    return [
      {
        id: `not-purged ${vehicle.id}`,
        code: "not-purged",
        dueAt: now,
        station: "drive",
        vessel: vehicle.oilTank,
        vehicle: vehicle.id,
        oilShare: residualOilShare,
      },
    ];
  });
}

/** An oil tank that runs low while the store has oil to give. */
function fill(reading: YardReading): Advice[] {
  // Wet oil is never offered to an engine.
  const ready = reading.vessels.find(
    (v) => v.state.vessel.role === "ready" && v.standing.litres > 10 && v.state.quality.water?.wet !== true,
  );
  if (!ready) return [];
  return reading.vehicles.flatMap(({ vehicle }): Advice[] => {
    const tank = vehicle.kind === "dual" ? reading.byId.get(vehicle.oilTank) : undefined;
    if (!tank || tank.standing.litres > LOW_TANK * tank.standing.capacityLitres) return [];
    const { id } = tank.state.vessel;
    return [
      {
        id: `fill ${id}`,
        code: "fill",
        dueAt: reading.now,
        station: "drive",
        vessel: id,
        vehicle: vehicle.id,
        roomLitres: tank.standing.capacityLitres - tank.standing.litres,
        from: ready.state.vessel.id,
      },
    ];
  });
}

function heavyShare(mix: readonly MixPart[]): number {
  const all = mix.reduce((sum, p) => sum + p.litres, 0);
  const thin = mix.reduce((sum, p) => {
    const { family } = p.fluid;
    return family === "petroleum" || family === "ester" ? sum + p.litres : sum;
  }, 0);
  return all > 0 ? 1 - thin / all : 0;
}

/** Tonight is within the next half day; it is due before then. */
const tonight = (now: string): string => new Date(Date.parse(now) + 6 * MS_PER_HOUR).toISOString();

export const DRIVE_RULES: readonly Rule[] = [
  { rank: 2, advise: notPurged },
  { rank: 3, advise: taintedDiesel },
  { rank: 4, advise: tooThick },
  { rank: 15, advise: fill },
];
