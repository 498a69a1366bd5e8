import type { PurgeReading, WarmUpReading } from "../driving";
import type { TripEvent } from "../driving/rig";
import { TYPICAL_RISE_K } from "../driving/usual";
import type { Contents, PartTable } from "./contents";
import type { Vehicle } from "./kinds/vehicle";
import { loopOf } from "./loops";
import { type Shares, sharesOf } from "./ranOn";
import type { Noticed } from "./schema/tripNote";
import type { TripPast, VehicleState } from "./vehicleState";

const MOST_TRIPS = 120;
const MOST_READINGS = 60;

interface Trip {
  readonly km?: number | undefined;
  readonly outsideCelsius?: number | undefined;
  readonly minutes: { readonly startOnDiesel: number; readonly onOil: number; readonly purge: number };
  readonly events?: readonly TripEvent[] | undefined;
  readonly noticed?: readonly Noticed[] | undefined;
}

/** What a trip leaves to learn from: itself, how the coolant warmed, and how long a purge took by ear. */
export function learnedFrom(
  state: VehicleState,
  trip: Trip,
  at: string,
  used: readonly Contents[],
  parts: PartTable,
): Pick<VehicleState, "past" | "kmOn" | "warmUps" | "purges"> {
  const past: TripPast = {
    at,
    km: trip.km ?? null,
    litres: used.reduce((sum, contents) => sum + contents.total, 0),
    minutes: trip.minutes.startOnDiesel + trip.minutes.onOil + trip.minutes.purge,
    outsideCelsius: trip.outsideCelsius ?? null,
    shares: mixedShares(used, parts),
    noticed: trip.noticed ?? [],
    heated: (trip.events ?? []).some((e) => e.what === "heater" && e.on),
  };
  return {
    past: [...state.past, past].slice(-MOST_TRIPS),
    kmOn: withKm(state.kmOn, past),
    warmUps: [...state.warmUps, ...warmUpsOf(trip)].slice(-MOST_READINGS),
    purges: [...state.purges, ...purgesOf(state.vehicle, trip.events ?? [])].slice(-MOST_READINGS),
  };
}

/** Its way by what drove it: by each fuel's share of the litres. */
function withKm(known: VehicleState["kmOn"], { km, shares }: TripPast): VehicleState["kmOn"] {
  if (km === null) return known;
  const on: Record<string, number> = { ...known };
  for (const [fuel, share] of Object.entries(shares)) on[fuel] = (on[fuel] ?? 0) + (share ?? 0) * km;
  return on;
}

/** Of all that was burned, by what it is to an engine. */
function mixedShares(used: readonly Contents[], parts: PartTable): Shares {
  const all = used.reduce((sum, contents) => sum + contents.total, 0);
  const mixed: Record<string, number> = {};
  for (const contents of used)
    for (const [fluid, share] of Object.entries(sharesOf(contents, parts)))
      mixed[fluid] = (mixed[fluid] ?? 0) + ((share ?? 0) * contents.total) / all;
  return mixed;
}

/** The coolant as it was read, on a trip that began cold: nobody can tell how warm an engine was that had just stood. */
function warmUpsOf({ outsideCelsius, events = [] }: Trip): WarmUpReading[] {
  const start = events.find((e) => e.what === "start");
  if (outsideCelsius === undefined || !start) return [];
  return events.flatMap((e) => {
    if (e.what !== "read" || e.coolantCelsius === undefined) return [];
    const isOdd = e.coolantCelsius > outsideCelsius + TYPICAL_RISE_K || e.coolantCelsius < outsideCelsius;
    const reading = {
      ambientCelsius: outsideCelsius,
      startCelsius: outsideCelsius,
      minutes: e.minute - start.minute,
      coolantCelsius: e.coolantCelsius,
    };
    return isOdd ? [] : [reading];
  });
}

/** "I hear it change", after the supply was turned back to diesel. */
function purgesOf(vehicle: Vehicle, events: readonly TripEvent[]): PurgeReading[] {
  if (vehicle.kind !== "dual" || !events.some((e) => e.what === "heard")) return [];
  const { stands, line } = loopOf(vehicle);
  if (!line) return [];
  const at: Record<string, string> = Object.fromEntries(vehicle.rig.controls.map((c) => [c.id, c.positions[0] ?? ""]));
  let [mode, since] = ["diesel", 0];
  const heard: PurgeReading[] = [];
  for (const e of events) {
    if (e.what === "turn") {
      at[e.control] = e.position;
      const now = stands.find((s) => Object.entries(s.at).every(([c, p]) => at[c] === p))?.mode ?? "wrong";
      if (now !== mode) [mode, since] = [now, e.minute];
    } else if (e.what === "heard" && mode === "purge" && e.minute > since)
      heard.push({ litresPerMinute: line.litresPerMinute, minutes: e.minute - since });
  }
  return heard;
}

/** Whether any of what was burned was waste oil. */
export const burnsOil = (used: readonly Contents[], parts: PartTable): boolean =>
  used.some((contents) => {
    const shares = sharesOf(contents, parts);
    return (shares.vegetable ?? 0) + (shares.fat ?? 0) + (shares.engine ?? 0) > SOME_OIL;
  });
const SOME_OIL = 0.05;

/** The last drop over the filter that a gauge read. */
export const dropIn = (events: readonly TripEvent[]): number | null => {
  const read = events.findLast((e) => e.what === "read" && e.dropKPa !== undefined);
  return read?.what === "read" ? (read.dropKPa ?? null) : null;
};
