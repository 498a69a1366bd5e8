import { densityKgPerL } from "./density";
import type { Fluid } from "./table";
import { dynamicViscosityPaS } from "./viscosity";

/** Heat capacity of oils and fuels in J/kg/K, one figure for all: the models are no finer. Source: physics §5, §6. */
export const OIL_J_PER_KG_K = 2000;

/** Something that dirt falls through or a bag holds back: density and dynamic viscosity by temperature in °C. */
export interface Liquid {
  kgPerM3(celsius: number): number;
  viscosityPaS(celsius: number): number;
}

/** One fluid as a liquid, −40 to 150 °C. */
export const oilOf = (fluid: Fluid, usedFactor: number): Liquid => ({
  kgPerM3: (celsius) => densityKgPerL(fluid, celsius) * 1000,
  viscosityPaS: (celsius) => dynamicViscosityPaS(fluid, celsius, usedFactor),
});
