import type { Settings } from "@/core/ledger";
import {
  formatCelsius,
  formatLitres,
  formatNumber,
  parseCelsius,
  parseLitres,
  type QuantityError,
  type Result,
} from "@/core/units";

/** Figures in the units the owner reads. */
export interface Units {
  litres(litres: number): string;
  /** "L", "gal": what stands behind a field for litres. */
  readonly litreUnit: string;
  celsius(celsius: number, decimals?: number): string;
  /** "°C", "°F": what stands behind a field for a temperature. */
  readonly celsiusUnit: string;
  /** A difference of temperatures. */
  kelvin(kelvin: number): string;
  /** In the yard's currency, two decimals. */
  money(amount: number): string;
  parseLitres(text: string): Result<number, QuantityError>;
  parseCelsius(text: string): Result<number, QuantityError>;
}

export const unitsOf = ({ volumeUnit, temperatureUnit, currency }: Settings): Units => ({
  litres: (l) => formatLitres(l, volumeUnit),
  litreUnit: formatLitres(1, volumeUnit).split(" ").slice(1).join(" "),
  celsius: (c, decimals) => formatCelsius(c, temperatureUnit, decimals),
  celsiusUnit: temperatureUnit === "f" ? "°F" : "°C",
  kelvin: (k) => (temperatureUnit === "f" ? `${formatNumber(k * 1.8, 0)} °F` : `${formatNumber(k, 0)} °C`),
  money: (amount) => `${amount < -0.005 ? "−" : ""}${currencySign(currency)}${formatNumber(Math.abs(amount), 2)}`,
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

const signs = new Map<string, string>();

/** "€" for EUR, "CHF " for what has no sign. */
export function currencySign(currency: string): string {
  const known = signs.get(currency);
  if (known !== undefined) return known;
  const parts = new Intl.NumberFormat("en", {
    style: "currency",
    currency,
    currencyDisplay: "narrowSymbol",
  }).formatToParts(1);
  const sign = parts.find((p) => p.type === "currency")?.value ?? currency;
  const made = /[A-Za-z]$/.test(sign) ? `${sign} ` : sign;
  signs.set(currency, made);
  return made;
}
