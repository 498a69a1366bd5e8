import type { Liquid } from "../fluids";
import { type DirtClass, dirtKgPerM3 } from "./dirt";
import { stokesVelocityMPerS } from "./stokes";

const MM_PER_HOUR = 3_600_000;

/** mm per hour at which a dirt class falls through the oil at one temperature. */
export function fallRateMmPerHour(dirt: DirtClass, oil: Liquid, celsius: number): number {
  const velocity = stokesVelocityMPerS(
    dirt.diameterUm,
    dirtKgPerM3(dirt.density, oil, celsius),
    oil.kgPerM3(celsius),
    oil.viscosityPaS(celsius),
  );
  return velocity * MM_PER_HOUR;
}
