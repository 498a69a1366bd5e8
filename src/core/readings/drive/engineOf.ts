import { isHeated } from "../../driving/rig/heated";
import type { Vehicle, VesselId } from "../../ledger";

export interface EngineOfTank {
  readonly vehicle: Vehicle | null;
  /** Its fuel is switched to warm; where nothing warms it, a second tank is a tank like any. */
  readonly isHeated: boolean;
}

/** The vehicle of a tank, and whether that tank is the second one of a rig that warms its fuel. */
export function engineOf(tank: VesselId | undefined, vehicles: Iterable<{ readonly vehicle: Vehicle }>): EngineOfTank {
  for (const { vehicle } of vehicles) {
    if (vehicle.kind === "single" && vehicle.tank === tank) return { vehicle, isHeated: false };
    if (vehicle.kind === "dual" && vehicle.oilTank === tank) return { vehicle, isHeated: isHeated(vehicle.rig) };
    if (vehicle.kind === "dual" && vehicle.dieselTank === tank) return { vehicle, isHeated: false };
  }
  return { vehicle: null, isHeated: false };
}

/** The tank of two that must be thin as it stands although it holds the oil; null where something warms it. */
export const coldOilTankOf = (vehicle: Vehicle): VesselId | null =>
  vehicle.kind === "dual" && !isHeated(vehicle.rig) ? vehicle.oilTank : null;
