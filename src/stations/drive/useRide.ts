"use client";
import { useKept } from "@/desk";

/** A trip under way: when each phase began. Kept in the browser, so a closed tab or a flat phone loses nothing. */
export interface Ride {
  readonly startedAt: string;
  readonly switchedAt?: string;
  readonly purgedAt?: string;
  readonly stoppedAt?: string;
}

export type RideStep = "idle" | "diesel" | "oil" | "purge" | "done";

export const stepOf = (ride: Ride | null): RideStep =>
  !ride ? "idle" : ride.stoppedAt ? "done" : ride.purgedAt ? "purge" : ride.switchedAt ? "oil" : "diesel";

const minutesBetween = (from: string | undefined, to: string | undefined): number =>
  from && to ? Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 6000) / 10) : 0;

/** Minutes of each phase up to the end, or up to now. */
export function rideMinutes(ride: Ride, now: string): { startOnDiesel: number; onOil: number; purge: number } {
  const end = ride.stoppedAt ?? now;
  return {
    startOnDiesel: minutesBetween(ride.startedAt, ride.switchedAt ?? end),
    onOil: minutesBetween(ride.switchedAt, ride.purgedAt ?? end),
    purge: minutesBetween(ride.purgedAt, end),
  };
}

const NO_RIDE: Ride | null = null;

/** The ride under way of a vehicle; null where none is. */
export function useRide(key: string): { ride: Ride | null; set: (ride: Ride | null) => void } {
  const [ride, keep, forget] = useKept<Ride | null>(key, NO_RIDE);
  return { ride, set: (next) => (next ? keep(next) : forget()) };
}
