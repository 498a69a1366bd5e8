import { formatReadable } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

/** Kilograms are the base; the avoirdupois pound is exactly 0.45359237 kg. */
const UNITS: UnitTable = {
  kg: { factor: 1 },
  g: { factor: 0.001 },
  lb: { factor: 0.45359237 },
  lbs: { factor: 0.45359237 },
  oz: { factor: 0.45359237 / 16 },
};

export type MassUnit = "kg" | "lb";

export const parseKilograms = (text: string, bareUnit: MassUnit = "kg"): Result<number, QuantityError> =>
  parseQuantity(text, UNITS, bareUnit);

export const formatKilograms = (kg: number, unit: MassUnit = "kg"): string =>
  `${formatReadable(kg / (UNITS[unit]?.factor ?? 1))} ${unit}`;
