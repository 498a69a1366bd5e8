import type { Draft, EntryOf, YardState } from "../ledger";

/** What cannot be about a trip, or is odd about it: said before it is kept. */
export type TripWarning =
  | { readonly code: "trip-overlaps"; readonly beforeAt: string }
  | { readonly code: "odometer-back"; readonly beforeKm: number; readonly readKm: number }
  | { readonly code: "odometer-jumps"; readonly beforeKm: number; readonly toldKm: number; readonly readKm: number }
  | { readonly code: "purge-before-start" };

type Trip = EntryOf<"trip">["data"];

const MS_PER_MINUTE = 60_000;
/** A trip is typed by the minute and noted some minutes later. */
const SLACK_MINUTES = 5;
const ODOMETER_SLACK_KM = 5;

export function tripWarnings(yard: YardState, draft: Draft, at: string): TripWarning[] {
  if (draft.kind !== "trip") return [];
  const state = yard.vehicles.get(draft.data.vehicle);
  if (!state) return [];
  return [
    ...overlap(draft.data, state.lastTripAt, draft.happenedAt ?? at),
    ...odometer(draft.data, state.odometerKm),
    ...(purgedFirst(draft.data) ? [{ code: "purge-before-start" } as const] : []),
  ];
}

/** A trip is dated at its end. */
function overlap(trip: Trip, lastTripAt: string | null, at: string): TripWarning[] {
  const { startOnDiesel, onOil, purge } = trip.minutes;
  const beganMs = Date.parse(at) - (startOnDiesel + onOil + purge) * MS_PER_MINUTE;
  const overlaps =
    lastTripAt !== null &&
    Date.parse(at) >= Date.parse(lastTripAt) &&
    beganMs + SLACK_MINUTES * MS_PER_MINUTE < Date.parse(lastTripAt);
  return overlaps ? [{ code: "trip-overlaps", beforeAt: lastTripAt }] : [];
}

function odometer(trip: Trip, beforeKm: number | null): TripWarning[] {
  const readKm = trip.odometerKm;
  if (readKm === undefined || beforeKm === null) return [];
  if (readKm < beforeKm) return [{ code: "odometer-back", beforeKm, readKm }];
  if (trip.km === undefined || Math.abs(readKm - beforeKm - trip.km) <= ODOMETER_SLACK_KM) return [];
  return [{ code: "odometer-jumps", beforeKm, toldKm: trip.km, readKm }];
}

/** What was turned before the engine ran cannot have purged anything. */
function purgedFirst({ minutes, events = [] }: Trip): boolean {
  const start = events.findIndex((e) => e.what === "start");
  if (events.length > 0)
    return start < 0 || events.slice(0, start).some((e) => e.what === "turn" || e.what === "heard");
  return minutes.purge > 0 && minutes.onOil === 0;
}
