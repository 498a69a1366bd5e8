import { type Place, tanksOf, thingKey, type VehicleState, type VesselId, type YardState } from "../../ledger";
import type { VesselReading } from "../reading";
import { KG_PER_LITRE } from "../terms";
import { shareOfFamily } from "../vessel/family";

/** A van, bus or trailer as it stands: what is aboard and how far it gets on it. */
export interface PlaceView {
  readonly place: Place;
  readonly litresAboard: number;
  readonly kgAboard: number;
  readonly payloadLeftKg: number;
  readonly range: Range | null;
}

export interface Range {
  readonly km: number;
  /** Fuel in its tanks and ready oil aboard. */
  readonly litres: number;
  readonly litresPer100Km: number;
  /** Kilometres of trips that the consumption was measured on; 0: its owner said so. */
  readonly measuredKm: number;
}

const LEAST_MEASURED_KM = 50;

export function placeViews(yard: YardState, vessels: readonly VesselReading[]): PlaceView[] {
  // One look through the vessels for all places: a big yard has hundreds of the one and dozens of the other.
  const carried = new Map<string, VesselReading[]>([...yard.places.keys()].map((id) => [id, []]));
  for (const v of vessels) {
    const { place, role } = v.state.vessel;
    if (place && role !== "tank") carried.get(place)?.push(v);
  }
  const byId = new Map<VesselId, VesselReading>(vessels.map((v) => [v.state.vessel.id, v]));
  const inUse = [...yard.places.values()].filter((p) => !yard.retired.has(thingKey("place", p.id)));
  return inUse.map((place) => {
    const aboard = carried.get(place.id) ?? [];
    const litresAboard = aboard.reduce((sum, v) => sum + v.standing.litres, 0);
    const kgAboard = litresAboard * KG_PER_LITRE;
    return {
      place,
      litresAboard,
      kgAboard,
      payloadLeftKg: Math.max(0, place.payloadKg - kgAboard),
      range: rangeOf(yard, place, byId, aboard),
    };
  });
}

function rangeOf(
  yard: YardState,
  place: Place,
  vessels: ReadonlyMap<VesselId, VesselReading>,
  aboard: readonly VesselReading[],
): Range | null {
  const state = place.vehicle ? yard.vehicles.get(place.vehicle) : undefined;
  const burns = state && consumption(state);
  if (!state || !burns) return null;
  const { vehicle } = state;
  const inTanks = [...new Set(tanksOf(vehicle))].flatMap((id) => vessels.get(id) ?? []);
  const ready = aboard.filter((v) => v.state.vessel.role === "ready" && shareOfFamily(v.standing, "fat") === 0);
  const litres = [...inTanks, ...ready].reduce((sum, v) => sum + v.standing.litres, 0);
  return { km: (litres / burns.litresPer100Km) * 100, litres, ...burns };
}

/** Measured on trips where there are enough of them, else as its owner knows it. */
function consumption({
  vehicle,
  measuredKm,
  measuredLitres,
}: VehicleState): Pick<Range, "litresPer100Km" | "measuredKm"> | null {
  if (measuredKm >= LEAST_MEASURED_KM && measuredLitres > 0)
    return { litresPer100Km: (measuredLitres / measuredKm) * 100, measuredKm };
  return vehicle.litresPer100Km === undefined ? null : { litresPer100Km: vehicle.litresPer100Km, measuredKm: 0 };
}
