import { type FluidPart, isFluidId } from "../fluids";
import { type Draft, type Flow, flowsOf, partsOf, type VesselId, type YardState } from "../ledger";

/** What flows into each vessel; what is only counted, or stays where it is, flows nowhere. */
export function flowsInto(draft: Draft): ReadonlyMap<VesselId, readonly Flow[]> {
  const byVessel = new Map<VesselId, Flow[]>();
  for (const flow of flowsOf(draft))
    if (flow.to !== null && flow.how !== "count" && flow.from !== flow.to)
      byVessel.set(flow.to, [...(byVessel.get(flow.to) ?? []), flow]);
  return byVessel;
}

/** Fluids that stand in a vessel, muck left out. */
export function fluidsStanding(yard: YardState, id: VesselId): FluidPart[] {
  const state = yard.vessels.get(id);
  const parts = state ? partsOf(state.contents, yard.parts) : [];
  return parts.flatMap((p) => (isFluidId(p.component) ? [{ fluid: p.component, litres: p.litres }] : []));
}

/** Fluids that a flow brings: from outside, or its share of what stands where it comes from. */
export function fluidsPoured(yard: YardState, { from, fresh, amount }: Flow): FluidPart[] {
  if (from === null)
    return (fresh ?? []).flatMap((f) => (isFluidId(f.component) ? [{ fluid: f.component, litres: f.litres }] : []));
  const there = fluidsStanding(yard, from);
  const total = there.reduce((sum, p) => sum + p.litres, 0);
  const share = "all" in amount ? 1 : total > 0 ? Math.min(1, amount.litres / total) : 0;
  return there.map((p) => ({ fluid: p.fluid, litres: p.litres * share }));
}
