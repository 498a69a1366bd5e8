import type { Stage } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";

/** What every stage's card is given. */
export interface StageProps {
  readonly batch: BatchState;
  readonly stage: Stage;
  readonly kettle: VesselView;
  /** Where the batch is now: the kettle, or what it is washed in. */
  readonly vessel: VesselView;
}
