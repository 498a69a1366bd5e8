import type { Fluid, FluidLitres } from "../fluids";
import { celsiusFromKelvin, kelvin } from "../units";
import { volumeMean } from "./mix";

const CLOUD_EXPONENT = 0.05;
const POUR_EXPONENT = 0.08;

/** Hu & Burns index blending in degrees Rankine: T = (Σ v·T^(1/x))^x. */
function indexBlend(parts: readonly FluidLitres[], celsiusOf: (f: Fluid) => number, exponent: number): number {
  const index = volumeMean(parts, (f) => (kelvin(celsiusOf(f)) * 1.8) ** (1 / exponent));
  return celsiusFromKelvin(index ** exponent / 1.8);
}

/** Cloud point in °C, an estimate that a jar left outside overrules. */
export const cloudPointCelsius = (parts: readonly FluidLitres[]): number =>
  indexBlend(parts, (f) => f.cloudCelsius, CLOUD_EXPONENT);

/** Pour point in °C, an estimate likewise. */
export const pourPointCelsius = (parts: readonly FluidLitres[]): number =>
  indexBlend(parts, (f) => f.pourCelsius, POUR_EXPONENT);

export const mixRho15KgPerL = (parts: readonly FluidLitres[]): number => volumeMean(parts, (f) => f.rho15KgPerL);

/** Lower heating value in MJ per litre at 15 °C. */
export const mixLhvMJPerL = (parts: readonly FluidLitres[]): number =>
  volumeMean(parts, (f) => f.rho15KgPerL * f.lhvMJPerKg);

export const mixCetane = (parts: readonly FluidLitres[]): number => volumeMean(parts, (f) => f.cetane);
