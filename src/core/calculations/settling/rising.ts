import { densityKgPerL, dynamicViscosityPaS, type FluidId, type FluidTable, fluidIn } from "../../fluids";
import type { Upflow } from "../../settling";

/** Dirt of a density in an oil at a temperature, as displacement and centrifuge take it. */
export const inOil = (
  fluids: FluidTable,
  i: {
    readonly fluid: FluidId;
    readonly celsius: number;
    readonly usedFactor: number;
    readonly particleKgPerM3: number;
  },
): Upflow => ({
  particleKgPerM3: i.particleKgPerM3,
  fluidKgPerM3: densityKgPerL(fluidIn(fluids, i.fluid), i.celsius) * 1000,
  viscosityPaS: dynamicViscosityPaS(fluidIn(fluids, i.fluid), i.celsius, i.usedFactor),
});
