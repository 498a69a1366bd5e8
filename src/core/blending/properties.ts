import { FLUIDS, type FluidPart } from "../fluids";
import { celsiusFromKelvin, kelvin } from "../units";
import { mixLitres, volumeMean } from "./mix";

const CLOUD_EXPONENT = 0.05;
const POUR_EXPONENT = 0.08;
const FLASH_SHARE = 0.005;

/** Hu & Burns index blending in degrees Rankine: T = (Σ v·T^(1/x))^x. */
function indexBlend(parts: readonly FluidPart[], celsiusOf: (p: FluidPart) => number, exponent: number): number {
  const index = volumeMean(parts, (p) => (kelvin(celsiusOf(p)) * 1.8) ** (1 / exponent));
  return celsiusFromKelvin(index ** exponent / 1.8);
}

/** Cloud point in °C, an estimate that a jar left outside overrules. */
export const cloudPointCelsius = (parts: readonly FluidPart[]): number =>
  indexBlend(parts, (p) => FLUIDS[p.fluid].cloudCelsius, CLOUD_EXPONENT);

/** Pour point in °C, an estimate likewise. */
export const pourPointCelsius = (parts: readonly FluidPart[]): number =>
  indexBlend(parts, (p) => FLUIDS[p.fluid].pourCelsius, POUR_EXPONENT);

/**
 * Flash point in °C: that of the most volatile part of at least 0.5 %. Any petrol at all is petrol. No averaging:
 * with heavy oils the usual index blending reads dangerously high.
 */
export function flashPointCelsius(parts: readonly FluidPart[]): number {
  const litres = mixLitres(parts);
  const counted = parts.filter((p) => p.litres > 0 && (p.fluid === "petrol" || p.litres / litres >= FLASH_SHARE));
  return Math.min(...counted.map((p) => FLUIDS[p.fluid].flashCelsius));
}

export const mixRho15KgPerL = (parts: readonly FluidPart[]): number =>
  volumeMean(parts, (p) => FLUIDS[p.fluid].rho15KgPerL);

/** Lower heating value in MJ per litre at 15 °C. */
export const mixLhvMJPerL = (parts: readonly FluidPart[]): number =>
  volumeMean(parts, (p) => FLUIDS[p.fluid].rho15KgPerL * FLUIDS[p.fluid].lhvMJPerKg);

export const mixCetane = (parts: readonly FluidPart[]): number => volumeMean(parts, (p) => FLUIDS[p.fluid].cetane);
