import { celsiusAtViscosity, mixViscosityMm2PerS } from "../../blending";
import type { FluidTable } from "../../fluids";
import type { Settings } from "../../ledger";
import { mixOf } from "../vessel/mixture";
import type { VesselView } from "../vessel/vesselView";

/** How thick a vessel's fuel is tonight, and how warm it must be to meet the pump limit; null for nothing but muck. */
export function kinematicViscosityOf(
  v: VesselView,
  settings: Settings,
  fluids: FluidTable,
): { tonightMm2PerS: number; heatedToCelsius: number | null } | null {
  const mix = mixOf(v.components, v.thickness, fluids);
  if (mix.length === 0) return null;
  return {
    tonightMm2PerS: mixViscosityMm2PerS(mix, settings.tonightLowCelsius),
    heatedToCelsius: celsiusAtViscosity(mix, settings.pumpLimitMm2PerS),
  };
}
