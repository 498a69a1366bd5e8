import { type Line, lineOf } from "../driving/rig/line";
import { type Stand, standsOf } from "../driving/rig/modes";
import type { Vehicle } from "./kinds/vehicle";

/** What a vehicle's fuel loop comes to: every way it can stand, and what a purge has to change. */
export interface Loop {
  readonly burnLitresPerMinute: number;
  readonly stands: readonly Stand[];
  readonly line: Line | null;
}

/** Asked at every trip that was listened to, and the same until its owner builds it anew. */
const known = new WeakMap<Vehicle, Loop>();

export function loopOf(vehicle: Vehicle): Loop {
  const found = known.get(vehicle);
  if (found) return found;
  const burnLitresPerMinute = vehicle.burnLitresPerHour / 60;
  const stands = standsOf(vehicle.rig, burnLitresPerMinute);
  const own = vehicle.kind === "dual" ? (vehicle.tanksInSeries ?? null) : null;
  const loop = { burnLitresPerMinute, stands, line: lineOf(vehicle.rig, stands, burnLitresPerMinute, own) };
  known.set(vehicle, loop);
  return loop;
}
