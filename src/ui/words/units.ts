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

/** A quantity as its field holds it, in the unit its owner types. */
export interface Typed {
  parse(text: string): Result<number, QuantityError>;
  /**
   * What a field opens with, short enough to read. A field that is left alone is worth what it was opened with: this
   * text is never read back for it.
   */
  text(base: number): string;
  readonly unit: string;
  /** "= 18.9 L": what the book takes, where that is another unit than the one typed in; otherwise null. */
  echo(base: number): string | null;
}

/** Figures in the units the owner reads. */
export interface Units {
  readonly volume: Typed;
  readonly temperature: Typed;
  /** "Litres you got", or "Gallons you got" to whoever types gallons. */
  asked(label: string): string;
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

export const unitsOf = (settings: Settings): Units => {
  const { volumeUnit, temperatureUnit, currency } = settings;
  return {
    volume: typedVolume(settings),
    temperature: typedTemperature(settings),
    asked: (label) => (volumeUnit === "l" ? label : label.replace(/^Litres/, "Gallons")),
    litres: (l) => formatLitres(l, volumeUnit),
    litreUnit: formatLitres(1, volumeUnit).split(" ").slice(1).join(" "),
    celsius: (c, decimals) => formatCelsius(c, temperatureUnit, decimals),
    celsiusUnit: temperatureUnit === "f" ? "°F" : "°C",
    kelvin: (k) => (temperatureUnit === "f" ? `${formatNumber(k * 1.8, 0)} °F` : `${formatNumber(k, 0)} °C`),
    money: (amount) => `${amount < -0.005 ? "−" : ""}${currencySign(currency)}${formatNumber(Math.abs(amount), 2)}`,
    parseLitres: (text) => parseLitres(text, volumeUnit),
    parseCelsius: (text) => parseCelsius(text, temperatureUnit),
  };
};

function typedVolume({ volumeUnit }: Settings): Typed {
  const one = parseLitres("1", volumeUnit);
  const factor = one.ok ? one.value : 1;
  return {
    parse: (text) => parseLitres(text, volumeUnit),
    text: (litres) => bare(litres / factor, volumeUnit === "l" ? 1 : 2),
    unit: formatLitres(1, volumeUnit).split(" ").slice(1).join(" "),
    echo: (litres) => (volumeUnit === "l" ? null : `= ${formatLitres(litres)}`),
  };
}

function typedTemperature({ temperatureUnit }: Settings): Typed {
  const isF = temperatureUnit === "f";
  return {
    parse: (text) => parseCelsius(text, temperatureUnit),
    text: (celsius) => bare(isF ? celsius * 1.8 + 32 : celsius, 1),
    unit: isF ? "°F" : "°C",
    echo: (celsius) => (isF ? `= ${formatCelsius(celsius, "c", 1)}` : null),
  };
}

/** So many decimals, more where the number is small, and none that say nothing. */
const bare = (value: number, decimals: number): string =>
  String(Number(value.toFixed(Math.abs(value) < 1 ? decimals + 1 : decimals)));

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
