import type { Fluid, FluidLitres } from "../fluids";
import { celsiusFromKelvin, kelvin } from "../units";
import { volumeMean } from "./mix";

const CLOUD_EXPONENT = 0.05;
const POUR_EXPONENT = 0.08;

const indexAt = (celsius: number, exponent: number): number => (kelvin(celsius) * 1.8) ** (1 / exponent);

/** Hu & Burns index blending in degrees Rankine: T = (Σ v·T^(1/x))^x. */
function indexBlend(parts: readonly FluidLitres[], celsiusOf: (f: Fluid) => number, exponent: number): number {
  const index = volumeMean(parts, (f) => indexAt(celsiusOf(f), exponent));
  return celsiusFromKelvin(index ** exponent / 1.8);
}

/** A mix's cloud index against that of a temperature: above 1 it is cloudy there. Linear in litres. */
export const cloudAgainst = (parts: readonly FluidLitres[], celsius: number): number =>
  volumeMean(parts, (f) => indexAt(f.cloudCelsius, CLOUD_EXPONENT)) / indexAt(celsius, CLOUD_EXPONENT);

/** Its pour index likewise: above 1 it has set there. */
export const pourAgainst = (parts: readonly FluidLitres[], celsius: number): number =>
  volumeMean(parts, (f) => indexAt(f.pourCelsius, POUR_EXPONENT)) / indexAt(celsius, POUR_EXPONENT);

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
