import type { BagId, CupId, EntryId, PlaceId, RoundId, SourceId, VehicleId, VesselId } from "./ids";

/** Why the ledger refused an entry. The interface words each; nothing is written. */
export type LedgerError =
  | { readonly code: "overdrawn"; readonly vessel: VesselId; readonly shortLitres: number; readonly entry: EntryId }
  | { readonly code: "overfilled"; readonly vessel: VesselId; readonly overLitres: number; readonly entry: EntryId }
  | { readonly code: "empty"; readonly vessel: VesselId; readonly entry: EntryId }
  | { readonly code: "same-vessel"; readonly vessel: VesselId; readonly entry: EntryId }
  | { readonly code: "loss-above-litres"; readonly entry: EntryId }
  | { readonly code: "nothing-to-gain-of"; readonly vessel: VesselId; readonly entry: EntryId }
  | { readonly code: "unknown-vessel"; readonly vessel: VesselId; readonly entry: EntryId }
  | { readonly code: "unknown-source"; readonly source: SourceId; readonly entry: EntryId }
  | { readonly code: "unknown-bag"; readonly bag: BagId; readonly entry: EntryId }
  | { readonly code: "unknown-vehicle"; readonly vehicle: VehicleId; readonly entry: EntryId }
  | { readonly code: "unknown-place"; readonly place: PlaceId; readonly entry: EntryId }
  | { readonly code: "unknown-cup"; readonly cup: CupId; readonly entry: EntryId }
  | { readonly code: "unknown-round"; readonly round: RoundId; readonly entry: EntryId }
  | { readonly code: "round-over"; readonly round: RoundId; readonly entry: EntryId }
  | { readonly code: "unknown-entry"; readonly target: EntryId; readonly entry: EntryId }
  | { readonly code: "already-void"; readonly target: EntryId; readonly entry: EntryId }
  | { readonly code: "future"; readonly happenedAt: string }
  | { readonly code: "duplicate-id"; readonly id: EntryId }
  | { readonly code: "newer-entry"; readonly kind: string; readonly v: number }
  | { readonly code: "invalid"; readonly path: string; readonly reason: string };

/** A fault of an entry that is already in the ledger, found while projecting. The entry moves nothing. */
export type Fault = Extract<LedgerError, { entry: EntryId }>;
