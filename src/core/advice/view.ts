import {
  type BagState,
  type Balance,
  balance,
  type DipReading,
  type Fault,
  partsOf,
  type RoundState,
  type Settings,
  type VehicleState,
  type Vessel,
  type VesselId,
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
  readonly filteredUm: number | null;
  /** Names of the sources in it, by litres, largest first. */
  readonly from: readonly string[];
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
  const vessels = reading.vessels.map(
    ({ state, standing }): VesselView => ({
      ...standing,
      vessel: state.vessel,
      station: stationOf(state.vessel.role),
      stirredAt: state.stirredAt,
      changedAt: state.changedAt,
      dips: state.dips,
      from: sourceNames(yard, state.vessel.id),
      filteredUm: state.filteredUm,
    }),
  );
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
    round: reading.round,
    advice,
    stations,
    balance: balance(yard),
    faults: yard.faults,
    entries: yard.entries,
    firstAt: yard.firstAt,
  };
}

function sourceNames(yard: YardState, id: VesselId): string[] {
  const state = yard.vessels.get(id);
  const litres = new Map<string, number>();
  for (const part of state ? partsOf(state.contents, yard.parts) : []) {
    const source = yard.origins.get(part.origin as never)?.source;
    const name = source ? yard.sources.get(source)?.source.name : undefined;
    if (name) litres.set(name, (litres.get(name) ?? 0) + part.litres);
  }
  const total = state?.contents.total ?? 0;
  return [...litres]
    .filter(([, l]) => l > total / 100)
    .sort(([, a], [, b]) => b - a)
    .map(([name]) => name);
}
