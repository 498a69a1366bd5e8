import type { TripEvent } from "@/core/driving/rig";

/** A trip under way: kept in the browser by its vehicle, so that a closed tab or a dead battery loses nothing. */
export interface KeptTrip {
  /** When it was set off, by this device's clock. */
  readonly startedAt: string;
  /** Minutes since then, as far as they were counted, and when that was. */
  readonly minute: number;
  readonly seenAt: string;
  /** Trip's minutes to one of the clock: practice gauges may run faster. */
  readonly speed: number;
  readonly events: readonly TripEvent[];
  readonly outsideCelsius: number;
  readonly isStopping: boolean;
  /** A clock that was set back, or a gap so long that nobody can have been driving: said, and not counted. */
  readonly odd: "set-back" | "long-gap" | null;
  /** Over, and not yet logged. */
  readonly isOver: boolean;
}

const MS_PER_MINUTE = 60_000;
/** Longer than this without a look is no drive that goes on: the device was off, or its clock was set. */
const LONG_GAP_MINUTES = 240;

export const begun = (now: string, outsideCelsius: number, speed: number): KeptTrip => ({
  startedAt: now,
  minute: 0,
  seenAt: now,
  speed,
  events: [{ minute: 0, what: "start" }],
  outsideCelsius,
  isStopping: false,
  odd: null,
  isOver: false,
});

/** Where a trip is by the clock. What the clock cannot be believed in is left out, and said. */
export function upTo(trip: KeptTrip, now: string): KeptTrip {
  if (trip.isOver) return trip;
  const passed = (Date.parse(now) - Date.parse(trip.seenAt)) / MS_PER_MINUTE;
  if (passed < 0) return { ...trip, seenAt: now, odd: "set-back" };
  if (passed > LONG_GAP_MINUTES) return { ...trip, seenAt: now, odd: "long-gap" };
  return { ...trip, seenAt: now, minute: trip.minute + passed * trip.speed };
}

type Happened = TripEvent extends infer E ? (E extends TripEvent ? Omit<E, "minute"> : never) : never;

/** With what has just happened, at the minute it stands at. */
export const withEvent = (trip: KeptTrip, event: Happened): KeptTrip => ({
  ...trip,
  events: [...trip.events, { minute: trip.minute, ...event } as TripEvent],
});

const READ_EVERY_MINUTES = 0.5;
const MOST_EVENTS = 380;

/** Gauges say more than anybody wants to keep: one look every half minute, and none once there are very many. */
export function withReading(
  trip: KeptTrip,
  read: Omit<Extract<TripEvent, { what: "read" }>, "what" | "minute">,
): KeptTrip {
  const last = trip.events.findLast((e) => e.what === "read");
  if (last && trip.minute - last.minute < READ_EVERY_MINUTES) return trip;
  return trip.events.length >= MOST_EVENTS ? trip : withEvent(trip, { what: "read", ...read });
}

/** The latest thing that was done is taken back; that the engine was started is not. */
export function withoutLast(trip: KeptTrip): KeptTrip {
  const at = trip.events.findLastIndex((e, i) => i > 0 && e.what !== "read");
  return at < 0 ? trip : { ...trip, events: trip.events.filter((_, i) => i !== at) };
}
