export { type AccountName, enteredLitres } from "./accounts";
export { applyDraft, applyEntry, bringForwardAll } from "./apply";
export { accountBy, accountLitres, type Balance, balance } from "./balance";
export type { BatchPhoto, BatchState, StageState, TestState } from "./batchState";
export type { GumBatch, PriceState, RecipeState, TrialState } from "./blendState";
export { carryPours, type Held, type Pour } from "./carry";
export {
  type Definitions,
  NO_DEFINITIONS,
  readThingKey,
  THING_KINDS,
  type ThingKey,
  type ThingKind,
  thingKey,
} from "./definitions";
export { doubtsOfDip, doubtsOfJar } from "./doubts";
export {
  type Draft,
  ENTRY_KINDS,
  type Entry,
  type EntryKind,
  type EntryOf,
  flowsOf,
  isKind,
  kindOf,
  vesselsOf,
} from "./entry";
export type { Fault, Flaw, LedgerError } from "./errors";
export { type EntryField, type FieldIs, fieldsOf, withFields } from "./fields";
export { figuresOf } from "./figures";
export { offerEntries, offerEntry } from "./guard";
export {
  ActId,
  BagId,
  BatchId,
  CupId,
  EntryId,
  LineId,
  PlaceId,
  RecipeId,
  RoundId,
  SourceId,
  VehicleId,
  VesselId,
} from "./ids";
export { type Bag, ELEMENT_FORMS, type ElementForm } from "./kinds/bag";
export { BAG_SERVICES, type BagService } from "./kinds/bagService";
export type { Batch } from "./kinds/batch";
export { BATCH_ENDS, type BatchEnd } from "./kinds/batchEnd";
export type { Cup } from "./kinds/cup";
export { FEED_WAYS, type FeedWay, type Flow, type How } from "./kinds/flow";
export type { OwnFluid } from "./kinds/fluid";
export type { Line } from "./kinds/line";
export type { Place } from "./kinds/place";
export type { Recipe } from "./kinds/recipe";
export type { Thing } from "./kinds/retire";
export { DEFAULT_SETTINGS, type Settings } from "./kinds/settings";
export type { Source } from "./kinds/source";
export type { Trial } from "./kinds/trial";
export { tanksOf, type Vehicle } from "./kinds/vehicle";
export type { Settler, Vessel } from "./kinds/vessel";
export { byRecord, byTime, deadIds, liveEntries, targetOf } from "./live";
export { type Loop, loopOf } from "./loops";
export { type OddText, oddTextIn } from "./oddText";
export { project } from "./project";
export {
  type AcidWord,
  CLEAR_HANGING_SHARE,
  type ColdJar,
  type CupTime,
  isFiltered,
  type Quality,
  type WaterWord,
} from "./quality";
export {
  classOf,
  type FluidClass,
  fluidsIn,
  isAlike,
  isRisky,
  type RanOn,
  type Shares,
  sharesOf,
  sharesOfLitres,
} from "./ranOn";
export { throughUm } from "./rated";
export { recipeLike, sharesOfRecipe } from "./recipes";
export {
  FLOORS,
  isFor,
  ROLES,
  roleOf,
  rolesFor,
  STATIONS,
  type Station,
  type Use,
  VESSEL_ROLES,
  type VesselRole,
} from "./roles";
export { type Check, CheckSchema } from "./schema/check";
export type { Layer } from "./schema/quantities";
export { type Measured, type MeasuredOrAll, OwnFluidId } from "./schema/quantities";
export type { RecipePart } from "./schema/recipe";
export { ShapeSchema } from "./schema/shape";
export { type Access, AccessSchema, type Coordinates, CoordinatesSchema, type Spot } from "./schema/where";
export {
  type BagRun,
  type BagState,
  copyYard,
  type DipDoubt,
  type DipReading,
  type FirstDraw,
  type HungByKind,
  type JarReading,
  type Overridden,
  type PartLitres,
  type PastStanding,
  partsOf,
  type RoundState,
  type SourceState,
  type VesselState,
  type Visit,
  type YardState,
} from "./state";
export { appendEntries, buildTimeline, forget, partsAt, type Timeline, walkFrom, yardAt } from "./timeline";
export { takenQuality } from "./transfer";
export { readEntry } from "./upcast";
export { freshVehicle, type TripPast, type VehicleState } from "./vehicleState";
export type { MonthsBy, Told } from "./weatherState";
export {
  COLD_JAR_WORDS,
  LOOKS,
  PAN_WORDS,
  RUNG_WORDS,
  RUNGS,
  type Rung,
  SEASONS,
  TRIAL_MARK_WORDS,
  VISIT_OUTCOMES,
} from "./words";
