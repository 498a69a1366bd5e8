import { componentOf, isLike } from "../fluids";
import { isGlyceride } from "../kettle";
import type { BatchState } from "./batchState";
import type { Flaw } from "./errors";
import type { BatchId, VesselId } from "./ids";
import { partsOf, type VesselState, type YardState } from "./state";
import { changeVessel, vesselAt } from "./transfer";

/** The flaw of an entry that names a batch nobody began. */
export const noBatch = (batch: BatchId): Flaw => ({ code: "unknown-batch", batch });

export function changeBatch(yard: YardState, id: BatchId, more: Partial<BatchState>): void {
  const state = yard.batches.get(id);
  if (state) yard.batches.set(id, { ...state, ...more });
}

/** Worked on once more, a batch that had passed has to be tested again: all ester in it is no fuel until then. */
export function untested(yard: YardState, vessel: VesselId): void {
  const { quality, contents } = vesselAt(yard, vessel);
  const ester = partsOf(contents, yard.parts).reduce(
    (sum, p) => (isLike(p.component, "biodiesel") ? sum + p.litres : sum),
    0,
  );
  const unpassedShare = contents.total > 0 ? ester / contents.total : 0;
  if (quality.fuel !== null || unpassedShare !== quality.unpassedShare)
    changeVessel(yard, vessel, { quality: { ...quality, fuel: null, unpassedShare } });
}

/** kg a litre of the fats and oils in a vessel; of one without any, an oil's usual. */
export function oilDensityIn(yard: YardState, state: VesselState): number {
  let kg = 0;
  let litres = 0;
  for (const p of partsOf(state.contents, yard.parts))
    if (isGlyceride(p.component)) {
      kg += p.litres * componentOf(p.component).rho15KgPerL;
      litres += p.litres;
    }
  return litres > 0 ? kg / litres : 0.92;
}

/** Litres of each in a litre of methanol that holds so much by weight. */
export function methanolAndWater(methanolShare: number): { readonly methanol: number; readonly water: number } {
  const methanol = methanolShare / componentOf("methanol").rho15KgPerL;
  const water = (1 - methanolShare) / componentOf("water").rho15KgPerL;
  return { methanol: methanol / (methanol + water), water: water / (methanol + water) };
}
