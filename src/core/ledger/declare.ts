import type { Fault } from "./errors";
import type { EntryOf } from "./schema/entry";
import { emptyVessel, freshSource, type YardState } from "./state";
import { vesselAt } from "./transfer";

/** Entries that say what stands where and how it looks; they move no litres. */

export function setSettings(yard: YardState, entry: EntryOf<"settings">): undefined {
  const given = Object.entries(entry.data).filter(([, value]) => value !== undefined);
  yard.settings = { ...yard.settings, ...Object.fromEntries(given) };
}

export function setVessel(yard: YardState, entry: EntryOf<"vessel">): Fault | undefined {
  const { place } = entry.data;
  if (place !== undefined && !yard.places.has(place)) return { code: "unknown-place", place, entry: entry.id };
  const known = yard.vessels.get(entry.data.id);
  yard.vessels.set(entry.data.id, known ? { ...known, vessel: entry.data } : emptyVessel(entry.data));
  return undefined;
}

export function setPlace(yard: YardState, entry: EntryOf<"place">): undefined {
  yard.places.set(entry.data.id, entry.data);
}

/** The bytes stay with the entry; the yard remembers which entry. */
export function setPhoto(yard: YardState, entry: EntryOf<"photo">): Fault | undefined {
  const { of } = entry.data;
  if (of.kind === "vessel") {
    yard.vessels.set(of.id, { ...vesselAt(yard, of.id), photo: entry.id });
    return undefined;
  }
  const known = yard.sources.get(of.id);
  if (!known) return { code: "unknown-source", source: of.id, entry: entry.id };
  yard.sources.set(of.id, { ...known, photo: entry.id });
  return undefined;
}

export function setSource(yard: YardState, entry: EntryOf<"source">): undefined {
  const known = yard.sources.get(entry.data.id);
  const state = known ? { ...known, source: entry.data } : freshSource(entry.data, entry.happenedAt);
  yard.sources.set(entry.data.id, state);
}

export function setBag(yard: YardState, entry: EntryOf<"bag">): undefined {
  const known = yard.bags.get(entry.data.id);
  yard.bags.set(entry.data.id, {
    ...(known ?? { litres: 0, runs: [], servicedAt: null, muck: new Map() }),
    bag: entry.data,
  });
}

export function setVehicle(yard: YardState, entry: EntryOf<"vehicle">): Fault | undefined {
  const tanks = entry.data.kind === "single" ? [entry.data.tank] : [entry.data.dieselTank, entry.data.oilTank];
  for (const tank of tanks) vesselAt(yard, tank);
  const known = yard.vehicles.get(entry.data.id);
  yard.vehicles.set(entry.data.id, {
    km: 0,
    trips: 0,
    lastTripAt: null,
    residualOilShare: null,
    measuredLitres: 0,
    measuredKm: 0,
    ...known,
    vehicle: entry.data,
  });
  return undefined;
}

export function setWeather(yard: YardState, entry: EntryOf<"weather">): undefined {
  const { shedCelsius, tonightLowCelsius } = entry.data;
  if (shedCelsius !== undefined)
    yard.shedTemperatures.push({ at: entry.happenedAt, atMs: Date.parse(entry.happenedAt), celsius: shedCelsius });
  yard.settings = {
    ...yard.settings,
    ...(shedCelsius !== undefined && { shedCelsius }),
    ...(tonightLowCelsius !== undefined && { tonightLowCelsius }),
  };
}
