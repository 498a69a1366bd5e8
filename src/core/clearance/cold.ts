import { type ColdFailure, withUsedFactor } from "../blending";
import type { FluidPart } from "../fluids";
import type { Draft, Flow, Vehicle, VesselId, YardState } from "../ledger";
import { engineOf } from "../readings/drive/engineOf";
import { marksOf } from "../readings/drive/vehicleCold";
import { withNight } from "../readings/night";
import { coldOf } from "../readings/vessel/cold";
import { flowsInto, fluidsPoured, fluidsStanding } from "./pours";

/** What is about to stand in a tank that no heat reaches will not stand tonight's low. */
export interface ColdWarning {
  readonly code: "cold-in-tank";
  readonly vessel: VesselId;
  readonly failure: ColdFailure;
  readonly belowCelsius: number | null;
  readonly lowCelsius: number;
}

/** Said where fuel is poured into what must be thin as it stands: a single tank, both of two that nothing warms. */
export function coldWarnings(asKept: YardState, draft: Draft, at: string): ColdWarning[] {
  const yard = withNight(asKept, at);
  return [...flowsInto(draft)].flatMap(([vessel, flows]) => {
    const { vehicle, isHeated } = engineOf(vessel, yard.vehicles.values());
    return vehicle && !isHeated ? coldIn(yard, vehicle, vessel, flows) : [];
  });
}

function coldIn(yard: YardState, vehicle: Vehicle, vessel: VesselId, flows: readonly Flow[]): ColdWarning[] {
  const settings = marksOf(yard.settings, vehicle);
  const judge = (parts: readonly FluidPart[]) => {
    const known = parts.filter((p) => yard.fluids[p.fluid] !== undefined);
    return coldOf(withUsedFactor(known, yard.fluids, settings.usedFactor), [], settings);
  };
  const there = fluidsStanding(yard, vessel);
  const after = judge([...there, ...flows.flatMap((f) => fluidsPoured(yard, f))]);
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
