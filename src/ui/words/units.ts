import type { Settings } from "@/core/ledger";
import { formatCelsius, formatLitres, parseCelsius, parseLitres, type QuantityError, type Result } from "@/core/units";

/** Figures in the units the owner reads. */
export interface Units {
  litres(litres: number): string;
  celsius(celsius: number, decimals?: number): string;
  parseLitres(text: string): Result<number, QuantityError>;
  parseCelsius(text: string): Result<number, QuantityError>;
}

export const unitsOf = ({ volumeUnit, temperatureUnit }: Settings): Units => ({
  litres: (l) => formatLitres(l, volumeUnit),
  celsius: (c, decimals) => formatCelsius(c, temperatureUnit, decimals),
  parseLitres: (text) => parseLitres(text, volumeUnit),
  parseCelsius: (text) => parseCelsius(text, temperatureUnit),
});

export function wordQuantityError(error: QuantityError): string {
  switch (error.code) {
    case "empty":
      return "Type a number.";
    case "not-a-number":
      return `“${error.text}” is not a number.`;
    case "ambiguous":
      return `Is “${error.text}” a thousand or a decimal? Write it without the comma.`;
    case "unknown-unit":
      return error.known.join("") === ""
        ? `Only a number here, without “${error.unit}”.`
        : `“${error.unit}” is not a unit used here. Known: ${error.known.slice(0, 4).join(", ")}.`;
  }
}
