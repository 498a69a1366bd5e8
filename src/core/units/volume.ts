import { formatReadable } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

/** Litres are the base. US gallon 3.785411784 L and imperial gallon 4.54609 L are exact by definition. */
const UNITS: UnitTable = {
  l: { factor: 1 },
  litre: { factor: 1 },
  litres: { factor: 1 },
  ml: { factor: 0.001 },
  gal: { factor: 3.785411784 },
  usgal: { factor: 3.785411784 },
  impgal: { factor: 4.54609 },
  "imp gal": { factor: 4.54609 },
  gallons: { factor: 3.785411784 },
};

export type VolumeUnit = "l" | "gal" | "impgal";
const SIGN: Record<VolumeUnit, string> = { l: "L", gal: "gal", impgal: "imp gal" };

export const parseLitres = (text: string, bareUnit: VolumeUnit = "l"): Result<number, QuantityError> =>
  parseQuantity(text, UNITS, bareUnit);

/** "168 L", "9.4 L", "0.21 L"; in the unit the user reads. */
export function formatLitres(litres: number, unit: VolumeUnit = "l"): string {
  return `${formatReadable(litres / (UNITS[unit]?.factor ?? 1))} ${SIGN[unit]}`;
}
