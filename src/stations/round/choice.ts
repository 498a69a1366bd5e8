import { addDays, getISODay } from "date-fns";
import type { PlaceId, SourceId } from "@/core/ledger";
import type { RoundChoice } from "@/core/readings";
import { settlingRoom } from "@/core/readings/rounds/roundQuestion";
import { formatClock, parseClock } from "@/core/units";
import type { YardView } from "@/core/view";
import { type Typed, type Units, wordQuantityError } from "@/ui/words";

/** What a round is planned from, as typed. */
export interface ChoiceTexts {
  readonly by: string;
  readonly day: "today" | "tomorrow";
  readonly leaves: string;
  readonly hours: string;
  readonly payload: string;
  readonly settling: string;
  readonly ends: RoundChoice["ends"];
}

/** Nobody but the yard itself: a car with the containers from home. */
export const NO_PLACE = "none";
const CAR_KG = 250;
const ROUNDED_MINUTES = 5;

const placeOf = (by: string): PlaceId | null => (by === NO_PLACE ? null : (by as PlaceId));

/** Litres settle where they end up: aboard a traveller's bus that does not go home, else at home. */
export const settlesAt = (by: string, ends: RoundChoice["ends"]): PlaceId | null =>
  ends === "home" ? null : placeOf(by);

export function firstTexts(view: YardView, units: Units): ChoiceTexts {
  const first = view.places[0];
  const now = new Date(view.at);
  const minutes = Math.ceil((now.getHours() * 60 + now.getMinutes()) / ROUNDED_MINUTES) * ROUNDED_MINUTES;
  const ends = first?.place.spot ? "last-stop" : "home";
  return {
    by: first?.place.id ?? NO_PLACE,
    day: "today",
    leaves: formatClock(Math.min(minutes, 23 * 60 + 55)),
    hours: units.hours.text(view.settings.roundHours),
    payload: "",
    settling: "",
    ends,
  };
}

export interface ReadChoice {
  readonly choice: RoundChoice;
  readonly dayIso: string;
  readonly errors: Readonly<Record<string, string>>;
  /** What is taken where nothing is typed. */
  readonly payloadKg: number;
  readonly settlingLitres: number;
  readonly onceDrawnLitres: number;
}

/** Reads the choice; a field that does not read falls back to what is usual and says why. */
export function readChoice(t: ChoiceTexts, leftOut: readonly SourceId[], view: YardView, units: Units): ReadChoice {
  const errors: Record<string, string> = {};
  const by = placeOf(t.by);
  const place = view.places.find((p) => p.place.id === by);
  const payloadKg = place?.payloadLeftKg ?? CAR_KG;
  const room = settlingRoom(view, settlesAt(t.by, t.ends));
  const typed = (field: string, text: string, read: Typed["parse"]): number | null => {
    if (text.trim() === "") return null;
    const found = read(text);
    if (!found.ok) errors[field] = wordQuantityError(found.error);
    else if (found.value < 0) errors[field] = "It cannot be less than nothing.";
    return found.ok && found.value >= 0 ? found.value : null;
  };
  const hours = hoursOf(t.hours, errors, units);
  const payload = typed("payload", t.payload, units.mass.parse);
  if (payload !== null && payload > MOST_KG) errors.payload = "That is more than any van carries.";
  const settling = typed("settling", t.settling, units.volume.parse);
  const day = t.day === "today" ? new Date(view.at) : addDays(new Date(view.at), 1);
  return {
    errors,
    dayIso: day.toISOString(),
    payloadKg,
    settlingLitres: room.litres,
    onceDrawnLitres: room.onceDrawnLitres,
    choice: {
      by,
      weekday: getISODay(day),
      minute: clockOf(t.leaves, errors) ?? 8 * 60,
      hours: hours ?? view.settings.roundHours,
      payloadKg: payload === null || payload > MOST_KG ? payloadKg : payload,
      settlingRoomLitres: settling ?? room.litres,
      ends: t.ends,
      leftOut,
    },
  };
}

const MOST_KG = 20_000;
const MOST_HOURS = 24;

function hoursOf(text: string, errors: Record<string, string>, units: Units): number | null {
  const read = units.hours.parse(text);
  if (!read.ok) {
    errors.hours = wordQuantityError(read.error);
    return null;
  }
  if (read.value < 0.25 || read.value > MOST_HOURS) {
    errors.hours = "Between a quarter of an hour and 24 hours.";
    return null;
  }
  return read.value;
}

/** A day cannot be set off into at its very end. */
const LATEST_MINUTE = 1439;

function clockOf(text: string, errors: Record<string, string>): number | null {
  const minute = parseClock(text);
  if (minute !== null && minute <= LATEST_MINUTE) return minute;
  errors.leaves = "Write it like 09:00.";
  return null;
}
