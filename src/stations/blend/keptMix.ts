import type { FluidId } from "@/core/fluids";
import type { RecipePart, VesselId } from "@/core/ledger";

/** A plan that is poured step by step, over days if need be: kept in the browser with its run sheet. */
export interface KeptMix {
  readonly pours: readonly {
    readonly from: VesselId | null;
    readonly fluid: FluidId;
    readonly what: string;
    readonly litres: number;
    readonly isOil: boolean;
  }[];
  readonly aim: readonly RecipePart[];
  /** Where it is burned. */
  readonly tank: VesselId | null;
  /** What stood in the can as it began. */
  readonly startLitres: number;
  readonly nuMm2PerS: number;
}

export const NO_MIX_KEPT: KeptMix = { pours: [], aim: [], tank: null, startLitres: 0, nuMm2PerS: 0 };
