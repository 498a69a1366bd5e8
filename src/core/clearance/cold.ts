import { type ColdFailure, withUsedFactor } from "../blending";
import { type FluidPart, isFluidId } from "../fluids";
import { type Draft, type Flow, flowsOf, partsOf, type Vehicle, type VesselId, type YardState } from "../ledger";
import { marksOf } from "../readings/drive/vehicleCold";
import { coldOf } from "../readings/vessel/cold";

/** What is about to stand in a tank that no heat reaches will not stand tonight's low. */
export interface ColdWarning {
  readonly code: "cold-in-tank";
  readonly vessel: VesselId;
  readonly failure: ColdFailure;
  readonly belowCelsius: number | null;
  readonly lowCelsius: number;
}

/** Said where fuel is poured into what an engine starts on: a single tank, or the diesel of two. */
export function coldWarnings(yard: YardState, draft: Draft): ColdWarning[] {
  const byTank = new Map<VesselId, Flow[]>();
  for (const flow of flowsOf(draft))
    if (flow.to !== null && flow.how !== "count" && flow.from !== flow.to && startsOn(yard, flow.to))
      byTank.set(flow.to, [...(byTank.get(flow.to) ?? []), flow]);
  return [...byTank].flatMap(([vessel, flows]) => coldIn(yard, vessel, flows));
}

const startsOn = (yard: YardState, id: VesselId): Vehicle | undefined =>
  [...yard.vehicles.values()].find(
    ({ vehicle }) => (vehicle.kind === "single" ? vehicle.tank : vehicle.dieselTank) === id,
  )?.vehicle;

function coldIn(yard: YardState, vessel: VesselId, flows: readonly Flow[]): ColdWarning[] {
  const settings = marksOf(yard.settings, startsOn(yard, vessel) ?? null);
  const judge = (parts: readonly FluidPart[]) => {
    const known = parts.filter((p) => yard.fluids[p.fluid] !== undefined);
    return coldOf(withUsedFactor(known, yard.fluids, settings.usedFactor), [], settings);
  };
  const there = fluidsIn(yard, vessel);
  const after = judge([...there, ...flows.flatMap((f) => poured(yard, f))]);
  if (!after || after.fails === "none") return [];
  // What stands there already is said by the yard; a pour that makes it no worse is not held against it.
  const before = judge(there);
  if (before?.fails === after.fails && (before.belowCelsius ?? 0) >= (after.belowCelsius ?? 0)) return [];
  return [
    {
      code: "cold-in-tank",
      vessel,
      failure: after.fails,
      belowCelsius: after.belowCelsius,
      lowCelsius: after.lowCelsius,
    },
  ];
}

function fluidsIn(yard: YardState, id: VesselId): FluidPart[] {
  const state = yard.vessels.get(id);
  const parts = state ? partsOf(state.contents, yard.parts) : [];
  return parts.flatMap((p) => (isFluidId(p.component) ? [{ fluid: p.component, litres: p.litres }] : []));
}

function poured(yard: YardState, { from, fresh, amount }: Flow): FluidPart[] {
  if (from === null)
    return (fresh ?? []).flatMap((f) => (isFluidId(f.component) ? [{ fluid: f.component, litres: f.litres }] : []));
  const there = fluidsIn(yard, from);
  const total = there.reduce((sum, p) => sum + p.litres, 0);
  const share = "all" in amount ? 1 : total > 0 ? Math.min(1, amount.litres / total) : 0;
  return there.map((p) => ({ fluid: p.fluid, litres: p.litres * share }));
}
