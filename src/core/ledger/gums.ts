import { MS_PER_HOUR } from "../units";
import type { VesselState, YardState } from "./state";

/** What falls out is told by the latest batches. */
const MOST_BATCHES = 60;

/** Keeps what was drained of a petrol blend: a batch's drains are added up, each after as long as it stood. */
export function noteGumDrain(
  yard: YardState,
  { vessel, contents, quality }: VesselState,
  litres: number,
  at: string,
): void {
  const since = quality.petrolSince;
  if (since === null || vessel.role !== "blend" || at <= since) return;
  const hours = (Date.parse(at) - Date.parse(since)) / MS_PER_HOUR;
  const before = yard.gumBatches.find((b) => b.vessel === vessel.id && b.since === since);
  const batch = {
    vessel: vessel.id,
    since,
    litres: before?.litres ?? contents.total,
    drainedLitres: (before?.drainedLitres ?? 0) + litres,
    hours,
  };
  // A new list each time: an entry that turns out to be a fault puts the old one back.
  yard.gumBatches = [...yard.gumBatches.filter((b) => b !== before).slice(1 - MOST_BATCHES), batch];
}
