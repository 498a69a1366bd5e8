import { formatNumber } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

/** Millimetres are the base; the inch is exactly 25.4 mm. */
const UNITS: UnitTable = {
  mm: { factor: 1 },
  cm: { factor: 10 },
  m: { factor: 1000 },
  in: { factor: 25.4 },
  '"': { factor: 25.4 },
};

export type LengthUnit = "mm" | "in";

/** A height in a vessel, in millimetres. */
export const parseMillimetres = (text: string, bareUnit: LengthUnit = "mm"): Result<number, QuantityError> =>
  parseQuantity(text, UNITS, bareUnit);

/** "62 mm"; in inches to a tenth, which is as fine as a stick is read. */
export const formatMillimetres = (mm: number, unit: LengthUnit = "mm"): string =>
  unit === "mm" ? `${formatNumber(mm, 0)} mm` : `${formatNumber(mm / 25.4, 1)} in`;
