import { factorOfViscosity, type MixPart, withUsedFactor } from "../../blending";
import { calibrateCup, cupViscosity, type FluidTable, fuelParts, type Part } from "../../fluids";
import type { VesselState, YardState } from "../../ledger";
import { covered } from "../covered";

/** How thick a lot is against its table: as the yard assumes, or as its own cup has said. */
export interface Thickness {
  readonly usedFactor: number;
  /** Null: nobody has timed it. */
  readonly measured: {
    readonly nuMm2PerS: number;
    readonly celsius: number;
    readonly at: string;
    readonly spreadMm2PerS: number | null;
  } | null;
}

/** A vessel's fuel as a mix: water and sludge left out, waste oil with its factor. */
export const mixOf = (parts: readonly Part[], t: Thickness, fluids: FluidTable): MixPart[] =>
  withUsedFactor(fuelParts(parts), fluids, t.usedFactor, t.measured !== null);

export const assumed = (usedFactor: number): Thickness => ({ usedFactor, measured: null });

/** A lot that was timed through the owner's can is as thick as the can says; any other as the yard assumes. */
export function thicknessOf(yard: YardState, state: VesselState, parts: readonly Part[]): Thickness {
  const usual = assumed(yard.settings.usedFactor);
  const time = state.quality.cupTime;
  const cup = time && yard.cups.get(time.cup);
  if (!time || !cup) return usual;
  // A cup that was calibrated anew may no longer explain an old time.
  const found = covered(() => {
    const nu = cupViscosity(calibrateCup(cup.readings.map((r) => [r.nuMm2PerS, r.seconds])), time.seconds);
    return { nu, usedFactor: factorOfViscosity(fuelParts(parts), yard.fluids, nu.value, time.celsius) };
  });
  if (!found || found.usedFactor === null) return usual;
  const { nu, usedFactor } = found;
  return {
    usedFactor,
    measured: { nuMm2PerS: nu.value, celsius: time.celsius, at: time.at, spreadMm2PerS: nu.spread },
  };
}
