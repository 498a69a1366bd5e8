"use client";
import { useSearchParams } from "next/navigation";
import type { Stage } from "@/core/kettle";
import type { BatchState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { currentStage, running } from "@/core/readings/kettle/stages";
import type { YardView } from "@/core/view";
import { useYard } from "@/store";

export interface ChosenBatch {
  readonly chosen: BatchState | undefined;
  readonly all: readonly BatchState[];
  readonly isUnknown: boolean;
}

/** The batch the address names, or the one that wants something first. */
export function useBatch(): ChosenBatch {
  const { view } = useYard();
  const asked = useSearchParams().get("batch");
  const all = running(view.batches);
  if (asked !== null) {
    const found = view.batches.find((b) => b.batch.id === asked);
    return { chosen: found, all: found && !all.includes(found) ? [...all, found] : all, isUnknown: !found };
  }
  const due = view.advice.find((a) => "batch" in a);
  const named = due && "batch" in due ? all.find((b) => b.batch.id === due.batch) : undefined;
  return { chosen: named ?? all[0], all, isUnknown: false };
}

export interface BatchPlace {
  readonly batch: BatchState;
  readonly stage: Stage | null;
  readonly kettle: VesselView | undefined;
  /** Where it is now. */
  readonly vessel: VesselView | undefined;
}

const LEFT_LITRES = 0.05;

/** Where a batch is: its kettle, or where ester of it was poured on to be washed. */
export function placeOf(view: YardView, batch: BatchState): BatchPlace {
  const at = (id: string): VesselView | undefined => view.vessels.find((v) => v.vessel.id === id);
  const kettle = at(batch.batch.kettle);
  const known = at(batch.vessel);
  const poured = view.vessels.find((v) => v.vessel.role === "wash" && v.litres > LEFT_LITRES && holdsEster(v));
  return {
    batch,
    stage: currentStage(batch),
    kettle,
    vessel: known && known.litres > LEFT_LITRES ? known : (poured ?? known),
  };
}

export const holdsEster = (v: VesselView): boolean =>
  v.components.some((c) => c.component === "biodiesel" && c.litres > 0.05 * v.litres);
