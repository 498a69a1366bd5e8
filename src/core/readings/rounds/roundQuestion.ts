import { ENGINE_OIL_SHARE } from "../../fluids/engineOil";
import type { Coordinates, PlaceId, Settings, SourceId, Spot as WrittenSpot } from "../../ledger";
import { type Opening, type RoundQuestion, type Spot, spotOf } from "../../rounds";
import type { PlaceView } from "../drive/places";
import { KG_PER_LITRE, minutesAt, safeLitres, staysApart, tippedAt, valuePerLitre } from "../terms";
import { shareOfFamily } from "../vessel/family";
import type { VesselView } from "../vessel/vesselView";
import type { SourceView } from "./sourceView";

/** What a round is planned from besides the yard: who drives, when, and what is left out. */
export interface RoundChoice {
  readonly by: PlaceId | null;
  /** By the clock on the wall; Monday is 1. */
  readonly weekday: number;
  readonly minute: number;
  readonly hours: number;
  readonly payloadKg: number;
  readonly settlingRoomLitres: number;
  readonly ends: "home" | "start" | "last-stop";
  readonly leftOut: readonly SourceId[];
}

/** What of the yard a round is planned from. */
export interface RoundYard {
  readonly settings: Settings;
  readonly sources: readonly SourceView[];
  readonly vessels: readonly VesselView[];
  readonly places: readonly PlaceView[];
}

export interface RoundAsked {
  readonly question: RoundQuestion;
  /** The sources behind the question's stops, by index. */
  readonly sources: readonly SourceId[];
  /** Nowhere on the map yet. */
  readonly unplaced: readonly SourceId[];
  /** Placed, but more than a round is planned from; these promise least. */
  readonly beyond: readonly SourceId[];
}

/** As many as the planner takes. */
const MOST_STOPS = 60;

/** Under this much, nobody stops. */
const WORTH_STOPPING_LITRES = 2;

/** A written spot as kilometres from home; null where it is on the earth and home is not. */
export function mapSpot(spot: WrittenSpot, home: Coordinates | null): Spot | null {
  if (spot.kind === "map") return { eastKm: spot.eastKm, northKm: spot.northKm };
  return home ? spotOf(home, spot) : null;
}

export const HOME: Spot = { eastKm: 0, northKm: 0 };

/** The question that the planner answers: every source with a place and something to fetch. */
export function askRound(yard: RoundYard, choice: RoundChoice): RoundAsked {
  const { settings } = yard;
  const wanted = yard.sources.filter(
    (s) => s.waiting.now.mean >= WORTH_STOPPING_LITRES && !choice.leftOut.includes(s.source.id),
  );
  const placed = wanted.flatMap((s) => {
    const spot = s.source.spot && mapSpot(s.source.spot, settings.home);
    return spot ? [{ source: s, spot }] : [];
  });
  const promise = ({ source: s }: (typeof placed)[number]): number =>
    s.waiting.now.mean * valuePerLitre(s.source, s.expectedUsableShare, settings);
  const best = new Set([...placed].sort((a, b) => promise(b) - promise(a)).slice(0, MOST_STOPS));
  const offered = placed.filter((p) => best.has(p));
  const start = startOf(yard, choice.by);
  const room = roomAlong(yard, choice.by);
  return {
    sources: offered.map((p) => p.source.source.id),
    beyond: placed.filter((p) => !best.has(p)).map((p) => p.source.source.id),
    unplaced: wanted.filter((s) => !placed.some((p) => p.source === s)).map((s) => s.source.id),
    question: {
      home: start,
      ...(choice.ends === "home" && { end: HOME }),
      oneWay: choice.ends === "last-stop",
      stops: offered.map(({ source, spot }) => ({ ...spot, ...stopOf(source, settings, choice) })),
      limits: {
        hours: choice.hours,
        payloadKg: choice.payloadKg,
        containerLitres: room.kitchenLitres,
        apartLitres: room.apartLitres,
        settlingRoomLitres: choice.settlingRoomLitres,
        kgPerLitre: KG_PER_LITRE,
        kmPerHour: settings.roundKmPerHour,
        costPerKm: settings.costPerKm,
        windingFactor: settings.windingFactor,
      },
    },
  };
}

function startOf(yard: RoundYard, by: PlaceId | null): Spot {
  const spot = yard.places.find((p) => p.place.id === by)?.place.spot;
  return (spot && mapSpot(spot, yard.settings.home)) ?? HOME;
}

function stopOf(s: SourceView, settings: Settings, { weekday, minute, hours }: RoundChoice) {
  // A door that opens after one is home again is closed.
  const open = openingsOn(s.source.access, weekday, minute)?.filter((o) => o.fromHours < hours && o.toHours > 0);
  return {
    litres: s.waiting.now.mean,
    valuePerLitre: valuePerLitre(s.source, s.expectedUsableShare, settings),
    minutesThere: minutesAt(s.source),
    apart: staysApart(s.source),
    ...(open && { open }),
  };
}

/** Today's and tomorrow's opening hours, in hours after setting off; absent where it is always open. */
export function openingsOn(
  access: SourceView["source"]["access"],
  weekday: number,
  minute: number,
): Opening[] | undefined {
  if (!access || access.length === 0) return undefined;
  return [0, 1].flatMap((day) =>
    access
      .filter((a) => a.weekdays.includes(((weekday - 1 + day) % 7) + 1))
      .map((a) => ({
        fromHours: (a.fromMinute - minute) / 60 + 24 * day,
        toHours: (a.toMinute - minute) / 60 + 24 * day,
      })),
  );
}

/** Room in the raw-oil containers that go along: those aboard, or without a van those at home. */
export function roomAlong(yard: RoundYard, by: PlaceId | null): { kitchenLitres: number; apartLitres: number } {
  let [kitchenLitres, apartLitres] = [0, 0];
  for (const v of yard.vessels) {
    if (v.vessel.role !== "raw" || (v.vessel.place ?? null) !== by) continue;
    const room = Math.max(0, safeLitres(v.vessel) - v.litres);
    if (isApart(v)) apartLitres += room;
    else kitchenLitres += room;
  }
  return { kitchenLitres, apartLitres };
}

export const isApart = (v: VesselView): boolean =>
  v.vessel.apart === true || shareOfFamily(v, "engine") > ENGINE_OIL_SHARE;

/**
 * Litres that can still be put to settle where the oil goes (home, or aboard a traveller's bus), less the raw oil that
 * waits for that room; and how much more there is once what is clear has been drawn off.
 */
export function settlingRoom(yard: RoundYard, at: PlaceId | null): { litres: number; onceDrawnLitres: number } {
  let [litres, drawable] = [0, 0];
  const places = yard.places.map((p) => p.place);
  const vessels = yard.vessels.map((v) => v.vessel);
  for (const v of yard.vessels) {
    if (isApart(v)) continue;
    const fatty = shareOfFamily(v, "fat") > yard.settings.fatLimitShare;
    if (v.vessel.role === "settling" && (v.vessel.place ?? null) === at) {
      litres += Math.max(0, safeLitres(v.vessel) - v.litres);
      if (v.settling?.ready) drawable += v.settling.drawableLitres;
    }
    if (v.vessel.role === "raw" && !fatty && tippedAt(v.vessel, places, vessels) === at) litres -= v.litres;
  }
  return { litres: Math.max(0, litres), onceDrawnLitres: Math.max(0, litres + drawable) };
}
