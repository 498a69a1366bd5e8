import { formatFigure, formatMinutes } from "@/core/units";
import type { Units } from "./units";

const LONG_HOURS = 72;

/** A figure with its unit as the owner reads it: litres and temperatures in theirs, all else as it is reckoned. */
export function wordFigure(value: number | null, unit: string, units: Units): string {
  if (value === null) return "none";
  if (!Number.isFinite(value)) return "–";
  switch (unit) {
    case "°C":
      return units.celsius(value, 1).replace(/\.0(?= )/, "");
    case "L":
      return units.litres(value);
    case "h":
      return value >= LONG_HOURS ? `${formatMinutes(value * 60)}` : `${formatFigure(value)} h`;
    case "Pa":
      return units.pascals(value);
    case "share":
      return `${formatFigure(value * 100)} %`;
    case "1":
    case "":
      return formatFigure(value);
    default:
      return `${formatFigure(value)} ${unit}`;
  }
}

const FEW = 3;

/** "12 mm", or "214 values, 4 to 19 °C" for a list. */
export function wordFigures(values: readonly number[], unit: string, units: Units): string {
  if (values.length <= FEW) return [...new Set(values)].map((v) => wordFigure(v, unit, units)).join(", ");
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const ends =
    low === high ? wordFigure(low, unit, units) : `${wordFigure(low, unit, units)} to ${wordFigure(high, unit, units)}`;
  return `${values.length} values, ${ends}`;
}
