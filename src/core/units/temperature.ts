import { formatNumber } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

const UNITS: UnitTable = {
  c: { factor: 1 },
  "°c": { factor: 1 },
  f: { factor: 5 / 9, offset: -160 / 9 },
  "°f": { factor: 5 / 9, offset: -160 / 9 },
};

export type TemperatureUnit = "c" | "f";

/** Kelvin from Celsius, the only place the offset stands. */
export const kelvin = (celsius: number): number => celsius + 273.15;
export const celsiusFromKelvin = (k: number): number => k - 273.15;

export const parseCelsius = (text: string, bareUnit: TemperatureUnit = "c"): Result<number, QuantityError> =>
  parseQuantity(text, UNITS, bareUnit);

export function formatCelsius(celsius: number, unit: TemperatureUnit = "c", decimals = 0): string {
  return unit === "c" ? `${formatNumber(celsius, decimals)} °C` : `${formatNumber(celsius * 1.8 + 32, decimals)} °F`;
}
