import type { BagState, Settings, VehicleState, VesselState, YardState } from "../ledger";
import { type Standing, standingOf } from "./standing";

export interface VesselReading {
  readonly state: VesselState;
  readonly standing: Standing;
}

/** The yard as the rules read it: every vessel with how it stands, worked out once. */
export interface Reading {
  readonly now: string;
  readonly settings: Settings;
  readonly vessels: readonly VesselReading[];
  readonly bags: readonly BagState[];
  readonly vehicles: readonly VehicleState[];
}

export const readYard = (yard: YardState, now: string): Reading => ({
  now,
  settings: yard.settings,
  vessels: [...yard.vessels.values()].map((state) => ({ state, standing: standingOf(yard, state, now) })),
  bags: [...yard.bags.values()],
  vehicles: [...yard.vehicles.values()],
});
