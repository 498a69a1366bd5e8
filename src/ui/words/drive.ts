import type { TripWarning } from "@/core/clearance";
import { dayAndClock } from "./times";
import type { Units } from "./units";

/** What cannot be about a trip, or is odd about it. */
export function wordTrip(w: TripWarning, u: Units): string {
  switch (w.code) {
    case "trip-overlaps":
      return `It would begin before the trip that ended ${dayAndClock(w.beforeAt)} was over. Set when it ended further on, or make it shorter.`;
    case "odometer-back":
      return `The odometer stood at ${u.km(w.beforeKm)} before: ${u.km(w.readKm)} would be backwards. Look again.`;
    case "odometer-jumps":
      return `From ${u.km(w.beforeKm)} to ${u.km(w.readKm)} is more or less than the ${u.km(w.toldKm)} of this trip: is a trip missing, or is one of the two wrong?`;
    case "purge-before-start":
      return "A purge before the engine ran, or without any oil before it, purges nothing. Look at the minutes again.";
  }
}
