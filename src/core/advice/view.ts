import {
  type BagState,
  type Balance,
  balance,
  type Cup,
  type DipReading,
  type EntryId,
  type Fault,
  type JarReading,
  partsOf,
  type RoundState,
  type Settings,
  type VehicleState,
  type Vessel,
  type VesselState,
  type WaterWord,
  type YardState,
} from "../ledger";
import type { Advice } from "./advice";
import { advise } from "./advise";
import { type PlaceView, placeViews } from "./places";
import { readYard, type SourceReading } from "./reading";
import type { Standing } from "./standing";
import { STATIONS, type Station, stationOf } from "./stations";

export interface VesselView extends Standing {
  readonly vessel: Vessel;
  readonly station: Station;
  readonly stirredAt: string | null;
  readonly changedAt: string | null;
  readonly dips: readonly DipReading[];
  readonly jars: readonly JarReading[];
  readonly drawnAt: string | null;
  readonly water: WaterWord | null;
  readonly cleanedAt: string | null;
  readonly fedLitres: number;
  readonly photo: EntryId | null;
  readonly filteredUm: number | null;
  /** Names of the sources in it, by litres, largest first. */
  readonly from: readonly string[];
  /** The lots in it, largest first. */
  readonly lots: readonly Lot[];
}

/** Litres that came in together: a pickup or a purchase. */
export interface Lot {
  readonly id: EntryId;
  readonly at: string;
  /** Null where it was bought or found. */
  readonly source: string | null;
  readonly litres: number;
}

/** All that a screen draws, in plain data, so that it can cross from a worker. */
export interface YardView {
  readonly at: string;
  readonly settings: Settings;
  readonly vessels: readonly VesselView[];
  readonly sources: readonly SourceReading[];
  readonly bags: readonly BagState[];
  readonly vehicles: readonly VehicleState[];
  readonly places: readonly PlaceView[];
  readonly cups: readonly Cup[];
  /** The round that is being driven. */
  readonly round: RoundState | null;
  readonly advice: readonly Advice[];
  readonly stations: Readonly<Record<Station, { readonly litres: number; readonly due: number }>>;
  readonly balance: Balance;
  readonly faults: readonly Fault[];
  readonly entries: number;
  readonly firstAt: string | null;
}

/** Due means due within a day. */
const DAY_MS = 86_400_000;

export function viewYard(yard: YardState, now: string): YardView {
  const reading = readYard(yard, now);
  const advice = advise(reading);
  const vessels = reading.vessels.map(({ state, standing }): VesselView => {
    const lots = lotsIn(yard, state);
    return {
      ...standing,
      vessel: state.vessel,
      station: stationOf(state.vessel.role),
      stirredAt: state.stirredAt,
      changedAt: state.changedAt,
      dips: state.dips,
      jars: state.jars,
      drawnAt: state.drawnAt,
      water: state.water,
      cleanedAt: state.cleanedAt,
      fedLitres: state.fedLitres,
      photo: state.photo,
      from: sourceNames(lots),
      lots,
      filteredUm: state.filteredUm,
    };
  });
  const dueBy = new Date(Date.parse(now) + DAY_MS).toISOString();
  const stations = Object.fromEntries(
    STATIONS.map((station) => [
      station,
      {
        litres: vessels.reduce((sum, v) => (v.station === station ? sum + v.litres : sum), 0),
        due: advice.filter((a) => a.station === station && a.dueAt <= dueBy).length,
      },
    ]),
  ) as YardView["stations"];
  return {
    at: now,
    settings: yard.settings,
    vessels,
    sources: reading.sources,
    bags: reading.bags,
    vehicles: reading.vehicles,
    places: placeViews(yard, reading.vessels),
    cups: [...yard.cups.values()],
    round: reading.round,
    advice,
    stations,
    balance: balance(yard),
    faults: yard.faults,
    entries: yard.entries,
    firstAt: yard.firstAt,
  };
}

/** Under this share of a vessel a lot is a rinse. */
const LEAST_SHARE = 0.01;

function lotsIn(yard: YardState, { contents }: VesselState): Lot[] {
  const litres = new Map<EntryId, number>();
  for (const part of partsOf(contents, yard.parts)) {
    const id = part.origin as EntryId;
    litres.set(id, (litres.get(id) ?? 0) + part.litres);
  }
  return [...litres]
    .filter(([id, l]) => l > contents.total * LEAST_SHARE && yard.origins.has(id))
    .sort(([, a], [, b]) => b - a)
    .map(([id, l]) => {
      const origin = yard.origins.get(id);
      const source = origin?.source ? yard.sources.get(origin.source)?.source.name : undefined;
      return { id, at: origin?.at ?? "", source: source ?? null, litres: l };
    });
}

function sourceNames(lots: readonly Lot[]): string[] {
  const litres = new Map<string, number>();
  for (const lot of lots) if (lot.source) litres.set(lot.source, (litres.get(lot.source) ?? 0) + lot.litres);
  return [...litres].sort(([, a], [, b]) => b - a).map(([name]) => name);
}
