import { formatReadable } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import type { Result } from "./result";

/** Kilometres are the base; the international mile is exactly 1.609344 km. */
const UNITS: UnitTable = {
  km: { factor: 1 },
  mi: { factor: 1.609344 },
  mile: { factor: 1.609344 },
  miles: { factor: 1.609344 },
};

export type DistanceUnit = "km" | "mi";

export const parseKilometres = (text: string, bareUnit: DistanceUnit = "km"): Result<number, QuantityError> =>
  parseQuantity(text, UNITS, bareUnit);

export function formatKilometres(km: number, unit: DistanceUnit = "km"): string {
  if (unit === "km") return `${formatReadable(km)} km`;
  const miles = formatReadable(km / 1.609344);
  return `${miles} ${miles === "1" ? "mile" : "miles"}`;
}
