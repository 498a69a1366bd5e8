import { LEAST_CETANE, mixCetane } from "../blending";
import { type FluidLitres, type FluidPart, flashPointCelsius, holdsPetrol, isPetrol } from "../fluids";
import type { Draft, Flow, VesselId, YardState } from "../ledger";
import { gateFluid } from "./gateFluid";
import { flowsInto, fluidsPoured, fluidsStanding } from "./pours";

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
  return [...flowsInto(draft)].flatMap(([vessel, flows]) => petrolIn(yard, vessel, flows));
}

function petrolIn(yard: YardState, vessel: VesselId, flows: readonly Flow[]): PetrolWarning[] {
  const poured = asGated(
    yard,
    flows.flatMap((f) => fluidsPoured(yard, f)),
  );
  const after = [...asGated(yard, fluidsStanding(yard, vessel)), ...poured];
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

const asGated = (yard: YardState, parts: readonly FluidPart[]): FluidLitres[] =>
  parts.map((p) => ({ fluid: gateFluid(yard, p.fluid), litres: p.litres }));
