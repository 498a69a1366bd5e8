import { formatNumber } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

const UNITS: UnitTable = {
  mm: { factor: 1 },
  cm: { factor: 10 },
  m: { factor: 1000 },
  in: { factor: 25.4 },
  '"': { factor: 25.4 },
};

/** A height in a vessel, in millimetres. */
export const parseMillimetres = (text: string): Result<number, QuantityError> => parseQuantity(text, UNITS, "mm");
export const formatMillimetres = (mm: number): string => `${formatNumber(mm, 0)} mm`;
