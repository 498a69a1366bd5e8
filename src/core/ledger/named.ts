import type { BagId, BatchId, CupId, LineId, PlaceId, RecipeId, RoundId, SourceId, VehicleId, VesselId } from "./ids";

/**
 * Text that a form or an address holds, as the id of a thing: the one place where text becomes an id unchecked. Whether
 * it names anything is asked by the ledger when it is written. Apart from the schemas, so that a page stays light.
 */
export const asVesselId = (text: string): VesselId => text as VesselId;
export const asSourceId = (text: string): SourceId => text as SourceId;
export const asBagId = (text: string): BagId => text as BagId;
export const asVehicleId = (text: string): VehicleId => text as VehicleId;
export const asPlaceId = (text: string): PlaceId => text as PlaceId;
export const asRoundId = (text: string): RoundId => text as RoundId;
export const asLineId = (text: string): LineId => text as LineId;
export const asRecipeId = (text: string): RecipeId => text as RecipeId;
export const asCupId = (text: string): CupId => text as CupId;
export const asBatchId = (text: string): BatchId => text as BatchId;
