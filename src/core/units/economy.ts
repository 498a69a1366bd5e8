import { formatReadable } from "./format";
import { parseQuantity, type QuantityError, type UnitTable } from "./parse";
import { fail, ok, type Result } from "./result";

/** How far a litre goes, in km; the base of an engine's thirst is litres on 100 km, which is its inverse. */
const [MILE, GALLON, IMPERIAL] = [1.609344, 3.785411784, 4.54609];
const KM_PER_LITRE: UnitTable = {
  "km/l": { factor: 1 },
  "mi/l": { factor: MILE },
  mpg: { factor: MILE / GALLON },
  "imp mpg": { factor: MILE / IMPERIAL },
  "km/gal": { factor: 1 / GALLON },
  "km/imp gal": { factor: 1 / IMPERIAL },
};
const PER_100_KM = /\s*l\s*\/\s*100\s*km\s*$/i;

/** As an owner counts it: what 100 km take, or how far a litre or a gallon goes. */
export type EconomyUnit = "l/100km" | "mi/l" | "mpg" | "imp mpg" | "km/gal" | "km/imp gal";

/** Litres on 100 km, out of "6.2", "6.2 L/100km", "38 mpg" or "16 km/l"; a bare number is in the owner's own. */
export function parseEconomy(text: string, bareUnit: EconomyUnit = "l/100km"): Result<number, QuantityError> {
  const isPer100 = PER_100_KM.test(text);
  const isBare = /^[\s\d.,+\-−]*$/.test(text);
  if (isPer100 || (isBare && bareUnit === "l/100km")) return parseQuantity(text.replace(PER_100_KM, ""), BARE, "");
  const read = parseQuantity(text, KM_PER_LITRE, bareUnit === "l/100km" ? "km/l" : bareUnit);
  if (!read.ok) return read;
  return read.value > 0 ? ok(100 / read.value) : fail({ code: "not-a-number", text: text.trim() });
}

const BARE: UnitTable = { "": { factor: 1 } };

/** In the owner's own, as a number: miles a gallon, or litres on 100 km. */
export const economyIn = (litresPer100Km: number, unit: EconomyUnit): number =>
  unit === "l/100km" ? litresPer100Km : 100 / litresPer100Km / (KM_PER_LITRE[unit]?.factor ?? 1);

export const economySign = (unit: EconomyUnit): string => (unit === "l/100km" ? "L/100\u00a0km" : unit);

/** "6.2 L/100 km", "38 mpg"; the space in it does not break. */
export const formatEconomy = (litresPer100Km: number, unit: EconomyUnit = "l/100km"): string =>
  `${formatReadable(economyIn(litresPer100Km, unit))} ${economySign(unit)}`;
