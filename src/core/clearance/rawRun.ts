import { type Draft, flowsOf, type VesselId, type YardState } from "../ledger";
import { isMostlyRaw, isUncleared } from "./fitness";

/** Oil that never settled, or slops, on its way through the bags into what is called ready. */
export interface RawRunWarning {
  readonly code: "raw-through-bags";
  readonly from: VesselId;
  readonly vessel: VesselId;
}

/** Bags hold back grains and let water and melted fat through: said before such a run, and left to the person. */
export function rawRunWarnings(yard: YardState, draft: Draft, at: string): RawRunWarning[] {
  return flowsOf(draft).flatMap((flow): RawRunWarning[] => {
    const source = flow.from === null ? undefined : yard.vessels.get(flow.from);
    const into = flow.to === null ? undefined : yard.vessels.get(flow.to);
    if (flow.how !== "filter" || !source || into?.vessel.role !== "ready") return [];
    if (!isUncleared(yard, source, draft, flow, at) || !isMostlyRaw(source)) return [];
    return [{ code: "raw-through-bags", from: source.vessel.id, vessel: into.vessel.id }];
  });
}
