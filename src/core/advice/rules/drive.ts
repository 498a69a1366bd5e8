import type { ColdFailure, MixPart } from "../../blending";
import type { Service } from "../../driving";
import { tanksOf, type VehicleId, type VesselId } from "../../ledger";
import type { YardReading } from "../../readings";
import { coldOilTankOf } from "../../readings/drive/engineOf";
import { type Due, upkeepOf } from "../../readings/drive/upkeep";
import { marksOf } from "../../readings/drive/vehicleCold";
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
  | {
      readonly code: "cold-fails";
      readonly vehicle: VehicleId;
      readonly failure: Exclude<ColdFailure, "viscosity">;
      readonly belowCelsius: number;
      readonly celsius: number;
      /** When the jar came out of the cold that says so; null: by estimate. */
      readonly jarAt: string | null;
    }
  | { readonly code: "diesel-tainted"; readonly vehicle: VehicleId; readonly oilShare: number }
  | {
      readonly code: "not-purged";
      readonly vehicle: VehicleId;
      readonly oilShare: number;
      /** What might stay, for tonight. */
      readonly mostShare: number;
      readonly failure: ColdFailure;
      readonly celsius: number;
    }
  | { readonly code: "upkeep-due"; readonly vehicle: VehicleId; readonly what: Service; readonly due: Due }
  | { readonly code: "fill"; readonly vehicle: VehicleId; readonly roomLitres: number; readonly from: VesselId };

/** More waste oil than this in a diesel tank was not put there on purpose. */
const TAINTED = 0.05;
const LOW_TANK = 0.35;

/** Anything in a tank that nothing warms that fails on the coldest hour of tonight: too thick, or something falls out of it. */
function coldStart(reading: YardReading): Advice[] {
  const { vehicles, settings, now } = reading;
  const judged = vehicles.flatMap(({ vehicle }) => {
    const { start = null, oil = null } = reading.cold.get(vehicle.id) ?? {};
    const unheated = coldOilTankOf(vehicle);
    const first = { vehicle, cold: start, vessel: tanksOf(vehicle)[0], of: vehicle.id as string };
    return unheated === null ? [first] : [first, { vehicle, cold: oil, vessel: unheated, of: unheated as string }];
  });
  return judged.flatMap(({ vehicle, cold, vessel, of }): Advice[] => {
    if (!cold || cold.fails === "none") return [];
    const common = { dueAt: tonight(now), station: "blend" as const, vessel, vehicle: vehicle.id };
    const { nuMm2PerS, lowCelsius: celsius, belowCelsius, jar } = cold;
    if (cold.fails === "viscosity")
      return [
        {
          ...common,
          id: `too-thick ${of}`,
          code: "too-thick",
          nuMm2PerS,
          limitMm2PerS: marksOf(settings, vehicle).pumpLimitMm2PerS,
          celsius,
        },
      ];
    return [
      {
        ...common,
        id: `cold-fails ${of}`,
        code: "cold-fails",
        failure: cold.fails,
        belowCelsius: belowCelsius ?? celsius,
        celsius,
        jarAt: jar?.at ?? null,
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

/** Oil left in the line, and with it the line will not stand tonight's low. */
function notPurged(reading: YardReading): Advice[] {
  return reading.vehicles.flatMap((state): Advice[] => {
    const { vehicle, residualOilShare } = state;
    if (vehicle.kind !== "dual" || residualOilShare === null) return [];
    const { line = null, mark = null } = reading.cold.get(vehicle.id) ?? {};
    if (!line || !mark || line.fails === "none" || residualOilShare <= mark.share) return [];
    return [
      {
        id: `not-purged ${vehicle.id}`,
        code: "not-purged",
        dueAt: reading.now,
        station: "drive",
        vessel: vehicle.oilTank,
        vehicle: vehicle.id,
        oilShare: residualOilShare,
        mostShare: mark.share,
        failure: line.fails,
        celsius: line.lowCelsius,
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

/** Due by distance, hours, months or pressure drop: what is most overdue of each vehicle. */
function upkeep({ vehicles, now }: YardReading): Advice[] {
  return vehicles.flatMap((state): Advice[] => {
    const [due] = upkeepOf(state, now);
    if (!due || due.share < 1) return [];
    return [
      {
        id: `upkeep ${state.vehicle.id}`,
        dueAt: now,
        station: "drive",
        code: "upkeep-due",
        vehicle: state.vehicle.id,
        what: due.what,
        due,
      },
    ];
  });
}

/** Tonight is within the next half day; it is due before then. */
const tonight = (now: string): string => new Date(Date.parse(now) + 6 * MS_PER_HOUR).toISOString();

export const DRIVE_RULES: readonly Rule[] = [
  { rank: 2, advise: notPurged },
  { rank: 3, advise: taintedDiesel },
  { rank: 4, advise: coldStart },
  { rank: 19, advise: upkeep },
  { rank: 15, advise: fill },
];
