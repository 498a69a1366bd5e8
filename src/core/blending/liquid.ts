import { densityKgPerL, type Liquid } from "../fluids";
import { type MixPart, mixLitres, mixViscosityMm2PerS } from "./mix";

/** A mix as a liquid: densities by volume, viscosity by ASTM D7152; −40 to 150 °C. The mix holds something. */
export function liquidOf(mix: readonly MixPart[]): Liquid {
  const litres = mixLitres(mix);
  const kgPerM3 = (celsius: number): number => {
    let kg = 0;
    for (const p of mix) kg += p.litres * densityKgPerL(p.fluid, celsius);
    return (kg / litres) * 1000;
  };
  return { kgPerM3, viscosityPaS: (celsius) => mixViscosityMm2PerS(mix, celsius) * kgPerM3(celsius) * 1e-6 };
}
