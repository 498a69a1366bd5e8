"use client";
import { NoSuchVessel } from "@/desk";
import { BatchBench } from "./bench/BatchBench";
import { useBatch } from "./bench/useBatch";
import { Overview } from "./Overview";

/** The batch that is being made, or what stands there to make one of. */
export function KettleScreen() {
  const { chosen, all, isUnknown } = useBatch();
  if (isUnknown) return <NoSuchVessel bench="is a batch" />;
  return chosen ? <BatchBench key={chosen.batch.id} batch={chosen} all={all} /> : <Overview />;
}
