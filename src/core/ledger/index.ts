export { accountBy, accountLitres, type Balance, balance } from "./balance";
export { carryPours, type Held, type Pour } from "./carry";
export { doubtsOfDip, doubtsOfJar } from "./doubts";
export type { Fault, LedgerError } from "./errors";
export { offerEntry } from "./guard";
export { BagId, CupId, EntryId, PlaceId, RoundId, SourceId, VehicleId, VesselId } from "./ids";
export { byTime, deadIds, liveEntries, targetOf } from "./live";
export { project } from "./project";
export { type Check, CheckSchema } from "./schema/check";
export {
  CURRENT_VERSION,
  type Draft,
  ENTRY_KINDS,
  type Entry,
  type EntryKind,
  type EntryOf,
  EntrySchema,
} from "./schema/entry";
export type { Measured, MeasuredOrAll } from "./schema/quantities";
export type { Cup, Settler } from "./schema/settling";
export {
  type Bag,
  DEFAULT_SETTINGS,
  type Place,
  type Settings,
  ShapeSchema,
  type Source,
  VESSEL_ROLES,
  type Vehicle,
  type Vessel,
  type VesselRole,
} from "./schema/things";
export { type Access, AccessSchema, type Coordinates, CoordinatesSchema, type Spot } from "./schema/where";
export {
  type AccountName,
  type BagRun,
  type BagState,
  type CupTime,
  type DipDoubt,
  type DipReading,
  type FirstDraw,
  type JarReading,
  type PartLitres,
  type PastStanding,
  partsOf,
  type RoundState,
  type SourceState,
  type VehicleState,
  type VesselState,
  type Visit,
  type WaterWord,
  type YardState,
} from "./state";
export { appendEntry, buildTimeline, type Timeline, yardAt } from "./timeline";
export { vesselsOf } from "./touches";
export { readEntry, type Upcasters } from "./upcast";
