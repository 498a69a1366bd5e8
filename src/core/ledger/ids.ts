import * as z from "../zod";

/** Text to 64 characters, branded, so that a vessel's id cannot stand where a source's is wanted. New ones are ULIDs. */
const id = <B extends string>(is: B) => z.string().min(1).max(64).meta({ is }).brand<B>();

export const EntryId = id("entry");
export const VesselId = id("vessel");
export const SourceId = id("source");
export const BagId = id("bag");
export const VehicleId = id("vehicle");
export const PlaceId = id("place");
export const RoundId = id("round");
export const CupId = id("cup");
export const LineId = id("line");
export const RecipeId = id("recipe");
export const BatchId = id("batch");
/** Entries that were written as one act: taken back as one. */
export const ActId = id("act");

export type EntryId = z.infer<typeof EntryId>;
export type VesselId = z.infer<typeof VesselId>;
export type SourceId = z.infer<typeof SourceId>;
export type BagId = z.infer<typeof BagId>;
export type VehicleId = z.infer<typeof VehicleId>;
export type PlaceId = z.infer<typeof PlaceId>;
export type RoundId = z.infer<typeof RoundId>;
export type CupId = z.infer<typeof CupId>;
export type LineId = z.infer<typeof LineId>;
export type RecipeId = z.infer<typeof RecipeId>;
export type BatchId = z.infer<typeof BatchId>;
export type ActId = z.infer<typeof ActId>;
