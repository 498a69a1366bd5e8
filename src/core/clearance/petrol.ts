import { LEAST_CETANE, mixCetane } from "../blending";
import { type FluidLitres, flashPointCelsius, holdsPetrol, isFluidId, isPetrol } from "../fluids";
import { type Draft, type Flow, flowsOf, partsOf, type VesselId, type YardState } from "../ledger";
import { gateFluid } from "./gateFluid";

/** Petrol is about to be in a mixture: how that then burns, and how it must be handled. */
export interface PetrolWarning {
  readonly code: "petrol-in-blend";
  readonly vessel: VesselId;
  readonly petrolShare: number;
  readonly cetane: number;
  readonly leastCetane: number;
  readonly flashCelsius: number;
}

const SOME_SHARE = 0.002;

/** Said where petrol newly meets other fuel or oil, before it is poured. */
export function petrolWarnings(yard: YardState, draft: Draft): PetrolWarning[] {
  const byVessel = new Map<VesselId, Flow[]>();
  for (const flow of flowsOf(draft))
    if (flow.to !== null && flow.how !== "count" && flow.from !== flow.to)
      byVessel.set(flow.to, [...(byVessel.get(flow.to) ?? []), flow]);
  return [...byVessel].flatMap(([vessel, flows]) => petrolIn(yard, vessel, flows));
}

function petrolIn(yard: YardState, vessel: VesselId, flows: readonly Flow[]): PetrolWarning[] {
  const poured = flows.flatMap((f) => poursOf(yard, f));
  const after = [...fluidsIn(yard, vessel), ...poured];
  const litres = after.reduce((sum, p) => sum + p.litres, 0);
  const petrol = after.reduce((sum, p) => (isPetrol(p.fluid.id) ? sum + p.litres : sum), 0);
  const petrolShare = litres > 0 ? petrol / litres : 0;
  if (!holdsPetrol(poured) && !(petrol > 0 && poured.length > 0)) return [];
  if (petrolShare < SOME_SHARE || petrolShare > 1 - SOME_SHARE) return [];
  return [
    {
      code: "petrol-in-blend",
      vessel,
      petrolShare,
      cetane: mixCetane(after),
      leastCetane: LEAST_CETANE,
      flashCelsius: flashPointCelsius(after),
    },
  ];
}

function fluidsIn(yard: YardState, vessel: VesselId): FluidLitres[] {
  const state = yard.vessels.get(vessel);
  if (!state) return [];
  return partsOf(state.contents, yard.parts).flatMap((p) =>
    isFluidId(p.component) ? [{ fluid: gateFluid(yard, p.component), litres: p.litres }] : [],
  );
}

function poursOf(yard: YardState, { from, fresh, amount }: Flow): FluidLitres[] {
  if (from === null)
    return (fresh ?? []).flatMap((f) =>
      isFluidId(f.component) ? [{ fluid: gateFluid(yard, f.component), litres: f.litres }] : [],
    );
  const there = fluidsIn(yard, from);
  const total = there.reduce((sum, p) => sum + p.litres, 0);
  const share = "all" in amount ? 1 : total > 0 ? Math.min(1, amount.litres / total) : 0;
  return there.map((p) => ({ fluid: p.fluid, litres: p.litres * share }));
}
