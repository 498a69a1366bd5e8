import type { FluidId } from "../fluids";
import type {
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
import type { OddText } from "./oddText";

/** What does not add up about an entry that is being applied. The interface words each. */
export type Flaw =
  | { readonly code: "overdrawn"; readonly vessel: VesselId; readonly shortLitres: number }
  | { readonly code: "empty"; readonly vessel: VesselId }
  | { readonly code: "same-vessel"; readonly vessel: VesselId }
  | { readonly code: "rim-above-shape"; readonly vessel: VesselId; readonly mostMm: number }
  | { readonly code: "still-holds"; readonly vessel: VesselId; readonly litres: number }
  | { readonly code: "overfilled"; readonly vessel: VesselId; readonly overLitres: number }
  | { readonly code: "loss-above-litres" }
  | { readonly code: "nothing-to-gain-of"; readonly vessel: VesselId }
  | { readonly code: "unknown-vessel"; readonly vessel: VesselId }
  | { readonly code: "unknown-source"; readonly source: SourceId }
  | { readonly code: "unknown-bag"; readonly bag: BagId }
  | { readonly code: "unknown-vehicle"; readonly vehicle: VehicleId }
  | { readonly code: "unknown-place"; readonly place: PlaceId }
  | { readonly code: "unknown-cup"; readonly cup: CupId }
  | { readonly code: "unknown-fluid"; readonly fluid: FluidId }
  | { readonly code: "unknown-line"; readonly line: LineId }
  | { readonly code: "unknown-recipe"; readonly recipe: RecipeId }
  | { readonly code: "unknown-batch"; readonly batch: BatchId }
  | { readonly code: "unknown-round"; readonly round: RoundId }
  | { readonly code: "round-over"; readonly round: RoundId };

/** A flaw of an entry that is already in the ledger, found while projecting. It moves nothing; where a vessel ran over it does. */
export type Fault = Flaw & { readonly entry: EntryId };

/** Why the ledger refused an entry. Nothing is written. */
export type LedgerError =
  | Fault
  | { readonly code: "unknown-entry"; readonly target: EntryId; readonly entry: EntryId }
  | { readonly code: "already-void"; readonly target: EntryId; readonly entry: EntryId }
  | { readonly code: "future"; readonly happenedAt: string }
  | { readonly code: "duplicate-id"; readonly id: EntryId }
  | ({ readonly code: "odd-text" } & OddText)
  | { readonly code: "newer-entry"; readonly kind: string; readonly v: number }
  | {
      readonly code: "invalid";
      readonly path: string;
      readonly why: "too-much" | "too-little" | "missing" | "said" | "other";
      /** Plain words where it was `said`; else the schema's own: for whoever reads a log, not for a form. */
      readonly reason: string;
    };
