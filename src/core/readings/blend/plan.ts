import {
  cloudPointCelsius,
  type MixPart,
  mergedMix,
  mixCetane,
  mixViscosityMm2PerS,
  type NoTopUp,
  scaledMix,
  topUp,
} from "../../blending";
import { type FluidTable, flashPointCelsius } from "../../fluids";
import type { Settings } from "../../ledger";
import { mixOf } from "../vessel/mixture";
import type { VesselView } from "../vessel/vesselView";

export interface BlendPlan {
  readonly oilLitres: number;
  readonly thinnerLitres: number;
  /** The tank after pouring. */
  readonly after: readonly MixPart[];
  readonly nuMm2PerS: number;
  readonly cloudCelsius: number;
  readonly flashCelsius: number;
  readonly cetane: number;
}

/** What a plan rests on besides what is poured. */
interface PlanTerms {
  readonly settings: Settings;
  readonly fluids: FluidTable;
}

export type NoPlan = NoTopUp | { readonly code: "no-fuel-in"; readonly what: "oil" | "thinner" };

/** Fill the tank so that all of it meets the pump limit at the low, with the most oil; or `oilLitres` of oil if given. */
export function planBlend(
  tank: VesselView,
  oil: VesselView,
  thinner: VesselView,
  fillToLitres: number,
  { settings, fluids }: PlanTerms,
  oilLitres: number | null,
): BlendPlan | NoPlan {
  const contents = mixOf(tank.components, tank.thickness, fluids);
  const oilMix = mixOf(oil.components, oil.thickness, fluids);
  const thinMix = mixOf(thinner.components, thinner.thickness, fluids);
  if (oilMix.length === 0) return { code: "no-fuel-in", what: "oil" };
  if (thinMix.length === 0) return { code: "no-fuel-in", what: "thinner" };
  const room = fillToLitres - contents.reduce((sum, p) => sum + p.litres, 0);
  const { tonightLowCelsius: low, pumpLimitMm2PerS: limit } = settings;
  const found = oilLitres === null ? topUp(contents, fillToLitres, oilMix, thinMix, low, limit) : null;
  if (found && "code" in found) return found;
  if (room <= 0) return { code: "tank-full" };
  const pourOil = Math.min(room, found?.oilLitres ?? oilLitres ?? 0);
  const pourThinner = room - pourOil;
  const after = mergedMix([...contents, ...scaledMix(oilMix, pourOil), ...scaledMix(thinMix, pourThinner)]);
  return {
    oilLitres: pourOil,
    thinnerLitres: pourThinner,
    after,
    nuMm2PerS: mixViscosityMm2PerS(after, low),
    cloudCelsius: cloudPointCelsius(after),
    flashCelsius: flashPointCelsius(after),
    cetane: mixCetane(after),
  };
}
