import { type MixPart, mixViscosityMm2PerS } from "../../blending";
import type { Vehicle, VesselId } from "../../ledger";
import type { Advice } from "../advice";
import { assumed, mixOf } from "../mixture";
import type { Reading, VesselReading } from "../reading";

/** More waste oil than this in a diesel tank was not put there on purpose. */
const TAINTED = 0.05;
const NOT_PURGED = 0.06;
const LOW_TANK = 0.35;

/** The tank that feeds a cold start: the diesel tank of two, or the only one. */
const startTank = (vehicle: Vehicle): VesselId => (vehicle.kind === "single" ? vehicle.tank : vehicle.dieselTank);

/** Anything in a start tank that will be over the pump limit on the coldest hour of tonight. */
export function tooThick(reading: Reading): Advice[] {
  const { vehicles, settings, now } = reading;
  return vehicles.flatMap(({ vehicle }): Advice[] => {
    const tank = find(reading, startTank(vehicle));
    const mix = tank ? mixOf(tank.standing.components, tank.standing.thickness) : [];
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

/** Waste oil where only diesel should be: a return valve was left on the wrong side. */
export function taintedDiesel(reading: Reading): Advice[] {
  return reading.vehicles.flatMap(({ vehicle }): Advice[] => {
    if (vehicle.kind !== "dual") return [];
    const tank = find(reading, vehicle.dieselTank);
    const oilShare = tank ? heavyShare(mixOf(tank.standing.components, assumed(1))) : 0;
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

export function notPurged({ vehicles, now, settings }: Reading): Advice[] {
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
export function fill(reading: Reading): Advice[] {
  // Wet oil is never offered to an engine.
  const ready = reading.vessels.find(
    (v) => v.state.vessel.role === "ready" && v.standing.litres > 10 && v.state.water?.wet !== true,
  );
  if (!ready) return [];
  return reading.vehicles.flatMap(({ vehicle }): Advice[] => {
    const tank = vehicle.kind === "dual" ? find(reading, vehicle.oilTank) : undefined;
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

const find = (reading: Reading, id: VesselId): VesselReading | undefined =>
  reading.vessels.find((v) => v.state.vessel.id === id);

function heavyShare(mix: readonly MixPart[]): number {
  const all = mix.reduce((sum, p) => sum + p.litres, 0);
  const thin = mix.reduce((sum, p) => {
    const { family } = p.fluid;
    return family === "petroleum" || family === "ester" ? sum + p.litres : sum;
  }, 0);
  return all > 0 ? 1 - thin / all : 0;
}

/** Tonight is within the next half day; it is due before then. */
const tonight = (now: string): string => new Date(Date.parse(now) + 6 * 3_600_000).toISOString();
