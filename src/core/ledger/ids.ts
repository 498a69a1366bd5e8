import * as z from "../zod";

/** Branded, so that a vessel's id cannot stand where a source's is wanted. */
export const EntryId = z.string().min(1).max(64).brand<"EntryId">();
export const VesselId = z.string().min(1).max(64).brand<"VesselId">();
export const SourceId = z.string().min(1).max(64).brand<"SourceId">();
export const BagId = z.string().min(1).max(64).brand<"BagId">();
export const VehicleId = z.string().min(1).max(64).brand<"VehicleId">();

export const PlaceId = z.string().min(1).max(64).brand<"PlaceId">();
export const RoundId = z.string().min(1).max(64).brand<"RoundId">();
export const CupId = z.string().min(1).max(64).brand<"CupId">();

export type EntryId = z.infer<typeof EntryId>;
export type VesselId = z.infer<typeof VesselId>;
export type SourceId = z.infer<typeof SourceId>;
export type BagId = z.infer<typeof BagId>;
export type VehicleId = z.infer<typeof VehicleId>;
export type PlaceId = z.infer<typeof PlaceId>;
export type RoundId = z.infer<typeof RoundId>;
export type CupId = z.infer<typeof CupId>;
