import type { BagResistances, Filter } from "../../filtration";
import { dynamicViscosityPaS, type FluidId, type FluidTable, fluidIn } from "../../fluids";
import { celsius, fluid, input, own, usedFactor } from "../fields";

export const areaM2 = input("Bag area", "m²", 1e-3, 100);
export const pressurePa = input("Pressure drop", "Pa", 10, 2e6);
export const mediumPerM = input("Resistance of the clean bag, Rm", "1/m", 1e3, 1e15);
export const cakePerM2 = input("Resistance of the cake, αc", "1/m²", 1e3, 1e18);
export const carriedLitres = input("Litres whose cake is in it already", "L", 0, 1e6).default(0);
export const ratingUm = input("Rating", "µm", 0.2, 2000);

/** A bag at a pressure drop with an oil through it. */
export const atWork = {
  areaM2,
  pressurePa,
  fluid: fluid("Oil"),
  celsius: celsius("Temperature"),
  mediumPerM,
  cakePerM2,
  carriedLitres,
  usedFactor,
  own,
};

interface AtWork extends Pick<Filter, "areaM2" | "pressurePa" | "carriedLitres"> {
  readonly fluid: FluidId;
  readonly celsius: number;
  readonly usedFactor: number;
}

/** A bag at work with its own resistances or typical ones. */
export const filterOf = (fluids: FluidTable, i: AtWork, bag: BagResistances): Filter => ({
  areaM2: i.areaM2,
  pressurePa: i.pressurePa,
  mediumPerM: bag.mediumPerM,
  cakePerM2: bag.cakePerM2,
  carriedLitres: i.carriedLitres,
  viscosityPaS: dynamicViscosityPaS(fluidIn(fluids, i.fluid), i.celsius, i.usedFactor),
});
