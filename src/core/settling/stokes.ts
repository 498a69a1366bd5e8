import { GRAVITY_M_PER_S2 } from "../units";

/**
 * Stokes' settling velocity in m/s, down positive: v = (ρp − ρf)·g·d²/(18 μ). Negative for what floats.
 * Holds while the particle's Reynolds number is under about 0.3; kitchen crumbs in oil are far below it.
 */
export function stokesVelocityMPerS(
  diameterUm: number,
  particleKgPerM3: number,
  fluidKgPerM3: number,
  dynamicViscosityPaS: number,
): number {
  return ((particleKgPerM3 - fluidKgPerM3) * GRAVITY_M_PER_S2 * (diameterUm * 1e-6) ** 2) / (18 * dynamicViscosityPaS);
}

/** Diameter in µm of what falls at a velocity in m/s: d = √(18 μ v/(Δρ g)). Δρ in kg/m³ above zero. */
export function stokesDiameterUm(velocityMPerS: number, heavierKgPerM3: number, dynamicViscosityPaS: number): number {
  return Math.sqrt((18 * dynamicViscosityPaS * velocityMPerS) / (heavierKgPerM3 * GRAVITY_M_PER_S2)) * 1e6;
}
