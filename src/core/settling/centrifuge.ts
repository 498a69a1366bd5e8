import { Refused } from "../numerics";
import { GRAVITY_M_PER_S2 } from "../units";
import { stokesVelocityMPerS } from "./stokes";

/** A bowl, in metres: the wall, the weir (the liquid's inner face) and the length between. */
export interface Bowl {
  readonly outerRadiusM: number;
  readonly innerRadiusM: number;
  readonly lengthM: number;
  readonly rpm: number;
}

/**
 * Σ in m², the area of the settling tank that does the same: 2πLω²(¾r₂² + ¼r₁²)/g. Source: Ambler 1952, tubular bowl.
 */
export function sigmaM2(b: Bowl): number {
  if (!(b.innerRadiusM < b.outerRadiusM)) throw new Refused("innerRadiusM", "must be less than the outer radius");
  const omega = (b.rpm * 2 * Math.PI) / 60;
  return (
    (2 * Math.PI * b.lengthM * omega ** 2 * (0.75 * b.outerRadiusM ** 2 + 0.25 * b.innerRadiusM ** 2)) /
    GRAVITY_M_PER_S2
  );
}

/** Litres per hour at which half of the grains of `d50Um` are taken out: Q = 2·v(d50)·Σ·efficiency. */
export function centrifugeLitresPerHour(
  sigma: number,
  d50Um: number,
  particleKgPerM3: number,
  fluidKgPerM3: number,
  viscosityPaS: number,
  efficiency: number,
): number {
  const velocity = stokesVelocityMPerS(d50Um, particleKgPerM3, fluidKgPerM3, viscosityPaS);
  if (!(velocity > 0)) throw new Refused("particleKgPerM3", "is lighter than the oil: it does not go to the wall");
  return 2 * velocity * sigma * efficiency * 3_600_000;
}

/**
 * Share of grains of a size that is left after so many passes: a thin layer throws out ½(d/d50)² of them each time, all
 * from √2·d50 on. Source: Ambler 1952.
 */
export const leftAfterPasses = (diameterUm: number, d50Um: number, passes: number): number =>
  (1 - Math.min(1, 0.5 * (diameterUm / d50Um) ** 2)) ** passes;
