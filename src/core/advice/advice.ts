import type { BagId, SourceId, VehicleId, VesselId, WaterWord } from "../ledger";
import type { HeelFate } from "./heels";
import type { Station } from "./stations";

/** What to do next and why, as data; the interface words it. */
export type Advice = {
  readonly id: string;
  /** When it is due; in the past means now. */
  readonly dueAt: string;
  readonly station: Station;
  readonly vessel?: VesselId;
} & AdviceMatter;

export type AdviceMatter =
  | { readonly code: "go-on"; readonly called: number; readonly stops: number }
  | { readonly code: "plan-round"; readonly full: readonly SourceId[]; readonly litres: number }
  | {
      readonly code: "draw-off";
      readonly litres: number;
      readonly aboveMm: number;
      readonly earliestAt: string | null;
      readonly latestAt: string | null;
      readonly slowest: string;
    }
  /** A heel's oil is worth another wait: so much is clear then. */
  | { readonly code: "heel-wait"; readonly litres: number }
  /** What is left of it: cream for the kettle, or muck for disposal. */
  | { readonly code: "heel-spent"; readonly fate: HeelFate; readonly litres: number; readonly fatShare: number }
  | { readonly code: "pool-heel"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "wet"; readonly because: WaterWord["because"]; readonly share: number | null }
  | { readonly code: "overflow-full"; readonly into: VesselId; readonly roomLitres: number }
  | { readonly code: "hold-apart"; readonly because: "fat"; readonly share: number; readonly limitShare: number }
  | { readonly code: "hold-apart"; readonly because: "engine-oil"; readonly share: number }
  | { readonly code: "tip-in"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "filter"; readonly litres: number; readonly into: VesselId }
  | { readonly code: "clean-out"; readonly fullShare: number }
  | { readonly code: "empty-waste"; readonly fullShare: number }
  | { readonly code: "kettle"; readonly fatShare: number }
  | {
      readonly code: "too-thick";
      readonly vehicle: VehicleId;
      readonly nuMm2PerS: number;
      readonly limitMm2PerS: number;
      readonly celsius: number;
    }
  | { readonly code: "diesel-tainted"; readonly vehicle: VehicleId; readonly oilShare: number }
  | { readonly code: "not-purged"; readonly vehicle: VehicleId; readonly oilShare: number }
  | { readonly code: "fill"; readonly vehicle: VehicleId; readonly roomLitres: number; readonly from: VesselId }
  | { readonly code: "slow-bag"; readonly bag: BagId; readonly timesSlower: number; readonly runs: number };
