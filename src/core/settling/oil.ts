import { densityKgPerL, dynamicViscosityPaS, type Fluid } from "../fluids";

/** The liquid that dirt falls through, as functions of temperature. */
export interface SettlingOil {
  kgPerM3(celsius: number): number;
  viscosityPaS(celsius: number): number;
}

export const oilOf = (fluid: Fluid, usedFactor: number): SettlingOil => ({
  kgPerM3: (celsius) => densityKgPerL(fluid, celsius) * 1000,
  viscosityPaS: (celsius) => dynamicViscosityPaS(fluid, celsius, usedFactor),
});
