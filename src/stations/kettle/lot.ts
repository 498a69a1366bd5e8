import { FLUIDS, isFluidId } from "@/core/fluids";
import { isGlyceride } from "@/core/kettle";
import { oilKgPerL } from "@/core/kettle/weighing";
import type { VesselView } from "@/core/readings";
import { potIn } from "@/core/readings/kettle/pots";

const USUAL_KG_PER_L = 0.92;

/** Density of the fats and oils in a vessel, kg/L at 15 °C. */
export const densityOf = (v: VesselView): number => oilKgPerL(potIn(v), FLUIDS) ?? USUAL_KG_PER_L;

/** Fats and oils in a vessel, litres at 15 °C. */
export const oilLitresIn = (v: VesselView): number =>
  v.components.reduce((sum, c) => (isGlyceride(c.component) ? sum + c.litres : sum), 0);

/** The oil that is most of it, as the calculations take it. */
export function mainOil(v: VesselView) {
  const main = v.components.find((c) => isGlyceride(c.component))?.component;
  return main !== undefined && isFluidId(main) ? main : "canola";
}
