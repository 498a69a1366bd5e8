import { fail, ok, type Result } from "./result";

/** Why a typed quantity was not taken. */
export type QuantityError =
  | { readonly code: "empty" }
  | { readonly code: "not-a-number"; readonly text: string }
  | { readonly code: "ambiguous"; readonly text: string }
  | { readonly code: "unknown-unit"; readonly unit: string; readonly known: readonly string[] };

/** Factor and offset to the base unit: base = typed · factor + offset. Keys are lower case, the first is the base. */
export type UnitTable = Readonly<Record<string, { readonly factor: number; readonly offset?: number }>>;

const SHAPE = /^([+\-−]?)\s*([\d.,]+)\s*([^\d\s.,][^\d]*)?$/;

/**
 * Reads "5 gal", "160F", "1 802,5 L" or a bare number (taken in `bareUnit`) into the table's base unit.
 * "1,802" is refused: it may be 1.802 or 1802, and a guess would be a silent repair.
 */
export function parseQuantity(text: string, table: UnitTable, bareUnit: string): Result<number, QuantityError> {
  const trimmed = text.trim().replace(/(\d)\s(?=\d)/g, "$1");
  if (trimmed === "") return fail({ code: "empty" });
  const match = SHAPE.exec(trimmed);
  if (!match) return fail({ code: "not-a-number", text: trimmed });
  const [, sign = "", digits = "", unit = bareUnit] = match;
  const plain = plainDecimal(digits);
  if (plain === "ambiguous") return fail({ code: "ambiguous", text: digits });
  const value = Number(plain);
  if (plain === "" || !Number.isFinite(value)) return fail({ code: "not-a-number", text: trimmed });
  const entry = table[unit.trim().toLowerCase()];
  if (!entry) return fail({ code: "unknown-unit", unit: unit.trim(), known: Object.keys(table) });
  return ok((sign === "" || sign === "+" ? value : -value) * entry.factor + (entry.offset ?? 0));
}

function plainDecimal(digits: string): string | "ambiguous" {
  const commas = digits.split(",").length - 1;
  if (commas === 0) return digits.split(".").length > 2 ? "" : digits;
  if (/^\d{1,3}(,\d{3})+\.\d+$/.test(digits)) return digits.replaceAll(",", "");
  if (commas > 1 || digits.includes(".")) return "";
  return /^[1-9]\d{0,2},\d{3}$/.test(digits) ? "ambiguous" : digits.replace(",", ".");
}
