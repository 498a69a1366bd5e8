import type {
  BagState,
  Place,
  RoundState,
  Settings,
  SourceState,
  VehicleState,
  VesselState,
  YardState,
} from "../ledger";
import { GrainBook } from "./grains";
import { type Standing, standingOf } from "./standing";
import { type Waiting, waitingAt } from "./waiting";
import { type SourceWorth, sourceWorths } from "./worth";

export interface VesselReading {
  readonly state: VesselState;
  readonly standing: Standing;
}

/** A source with what waits there and what its oil has been worth. */
export interface SourceReading extends SourceState, SourceWorth {
  readonly waiting: Waiting;
}

/** The yard as the rules read it: every vessel with how it stands, worked out once. */
export interface Reading {
  readonly now: string;
  readonly settings: Settings;
  readonly vessels: readonly VesselReading[];
  readonly bags: readonly BagState[];
  readonly vehicles: readonly VehicleState[];
  readonly places: readonly Place[];
  readonly sources: readonly SourceReading[];
  readonly round: RoundState | null;
}

export function readYard(yard: YardState, now: string): Reading {
  const book = new GrainBook(yard, now);
  return {
    now,
    settings: yard.settings,
    vessels: [...yard.vessels.values()].map((state) => ({ state, standing: standingOf(yard, state, now, book) })),
    bags: [...yard.bags.values()],
    vehicles: [...yard.vehicles.values()],
    places: [...yard.places.values()],
    sources: readSources(yard, now),
    round: [...yard.rounds.values()].findLast((r) => r.endedAt === null) ?? null,
  };
}

function readSources(yard: YardState, now: string): SourceReading[] {
  const worths = sourceWorths(yard);
  return [...yard.sources].flatMap(([id, state]) => {
    const worth = worths.get(id);
    return worth ? [{ ...state, ...worth, waiting: waitingAt(state, now) }] : [];
  });
}
