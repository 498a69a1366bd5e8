import { formatFigure } from "./figure";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

/** Kilopascals are the base; a pound-force on a square inch from the exact pound, inch and standard gravity. */
const UNITS: UnitTable = {
  kpa: { factor: 1 },
  bar: { factor: 100 },
  psi: { factor: (0.45359237 * 9.80665) / 0.0254 ** 2 / 1000 },
  mbar: { factor: 0.1 },
  pa: { factor: 0.001 },
};

/** What a metre of cold oil presses, kPa, as a head is spoken of: a feed tub a metre above its bag. */
export const METRE_OF_OIL_KPA = 9;

export type PressureUnit = "bar" | "psi";

export const parseKilopascals = (text: string, bareUnit: PressureUnit = "bar"): Result<number, QuantityError> =>
  parseQuantity(text, UNITS, bareUnit);

export const formatPascals = (pa: number, unit: PressureUnit = "bar"): string =>
  `${formatFigure(pa / 1000 / (UNITS[unit]?.factor ?? 1))} ${unit}`;

export const formatKilopascals = (kPa: number, unit: PressureUnit = "bar"): string => formatPascals(kPa * 1000, unit);
