import type { Settings } from "@/core/ledger";
import {
  formatCelsius,
  formatKilograms,
  formatKilometres,
  formatKilopascals,
  formatLitres,
  formatMillimetres,
  formatMinutes,
  formatNumber,
  formatPascals,
  formatReadable,
  parseCelsius,
  parseKilograms,
  parseKilometres,
  parseKilopascals,
  parseLitres,
  parseMillimetres,
  parseMinutes,
  parsePlain,
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
  /** In that unit, as a number to draw or to count by. */
  of(base: number): number;
  /** "= 18.9 L": what the book takes, where that is another unit than the one typed in; otherwise null. */
  echo(base: number): string | null;
}

/** Figures in the units the owner reads. */
export interface Units {
  readonly volume: Typed;
  readonly temperature: Typed;
  /** A height in a vessel, in millimetres. */
  readonly length: Typed;
  readonly distance: Typed;
  /** The two units that make a third, as miles and gallons do. */
  readonly system: Pick<Settings, "volumeUnit" | "distanceUnit">;
  readonly mass: Typed;
  /** A gauge's reading, in kilopascals. */
  readonly pressure: Typed;
  /** Minutes, "1 h 20" and "1:20". */
  readonly duration: Typed;
  /** As "1.5", "1:30"; hours are the base. */
  readonly hours: Typed;
  readonly speed: Typed;
  readonly price: Typed;
  /** A share, typed in per cent. */
  readonly share: Typed;
  /** Money for a litre, typed for a gallon by whoever reads gallons; for a kilometre likewise. */
  readonly pricePerLitre: Typed;
  readonly pricePerKm: Typed;
  /** "litre" or "gallon", "kilometre" or "mile". */
  readonly oneLitre: string;
  readonly oneKm: string;
  /** "Litres you got", or "Gallons you got" to whoever types gallons. */
  asked(label: string): string;
  litres(litres: number): string;
  /** "7.4 L/h", "1.95 gal/h". */
  litresPerHour(litres: number): string;
  mm(mm: number): string;
  km(km: number): string;
  kg(kg: number): string;
  pascals(pa: number): string;
  celsius(celsius: number, decimals?: number): string;
  /** A difference of temperatures. */
  kelvin(kelvin: number): string;
  /** In the yard's currency, two decimals. */
  money(amount: number): string;
}

/** A number whose unit nobody chooses: a rating, a viscosity. */
export const plainly = (unit: string): Typed => ({
  parse: parsePlain,
  text: exactly,
  unit,
  of: (base) => base,
  echo: () => null,
});

export const unitsOf = (settings: Settings): Units => {
  const { volumeUnit, temperatureUnit, lengthUnit, distanceUnit, massUnit, pressureUnit, currency } = settings;
  const isF = temperatureUnit === "f";
  const sign = currencySign(currency).trim();
  const litresEach = readAs(parseLitres("1", volumeUnit));
  const kmEach = readAs(parseKilometres("1", distanceUnit));
  return {
    volume: linear(parseLitres, formatLitres, volumeUnit, "l", volumeUnit === "l" ? 1 : 2),
    temperature: {
      parse: (text) => parseCelsius(text, temperatureUnit),
      text: (celsius) => bare(isF ? celsius * 1.8 + 32 : celsius, 1),
      unit: isF ? "°F" : "°C",
      of: (celsius) => (isF ? celsius * 1.8 + 32 : celsius),
      echo: (celsius) => (isF ? `= ${formatCelsius(celsius, "c", 1)}` : null),
    },
    length: linear(parseMillimetres, formatMillimetres, lengthUnit, "mm", lengthUnit === "mm" ? 1 : 2),
    system: { volumeUnit, distanceUnit },
    distance: linear(parseKilometres, formatKilometres, distanceUnit, "km", 1),
    mass: linear(parseKilograms, formatKilograms, massUnit, "kg", 1),
    pressure: linear<"bar" | "psi">(parseKilopascals, formatKilopascals, pressureUnit, "bar", 2),
    duration: {
      parse: (text) => parseMinutes(text),
      text: (minutes) => bare(minutes, 0),
      unit: "min",
      of: (minutes) => minutes,
      echo: (minutes) => (minutes >= A_LONG_TIME_MIN ? `= ${formatMinutes(minutes)}` : null),
    },
    hours: { ...times(1, "h"), parse: (text) => mapped(parseMinutes(text, "h"), (minutes) => minutes / 60) },
    speed: times(1 / kmEach, distanceUnit === "km" ? "km/h" : "mph"),
    price: plainly(sign),
    share: { ...times(100, "%"), text: (share) => exactly(share * 100) },
    pricePerLitre: times(litresEach, sign),
    pricePerKm: times(kmEach, sign),
    oneLitre: volumeUnit === "l" ? "litre" : "gallon",
    oneKm: distanceUnit === "km" ? "kilometre" : "mile",
    asked: (label) => (volumeUnit === "l" ? label : label.replace(/^Litres/, "Gallons")),
    // Under this nobody could measure it: it is nothing, not "0.02 L".
    litres: (l) => formatLitres(Math.abs(l) < LEAST_LITRES ? 0 : l, volumeUnit),
    litresPerHour: (l) => `${formatReadable(l / litresEach)} ${volumeUnit === "l" ? "L" : "gal"}/h`,
    mm: (mm) => formatMillimetres(mm, lengthUnit),
    km: (km) => formatKilometres(km, distanceUnit),
    kg: (kg) => formatKilograms(kg, massUnit),
    pascals: (pa) => formatPascals(pa, pressureUnit),
    celsius: (c, decimals) => formatCelsius(c, temperatureUnit, decimals),
    kelvin: (k) => (isF ? `${formatNumber(k * 1.8, 0)} °F` : `${formatNumber(k, 0)} °C`),
    money: (amount) => `${amount < -0.005 ? "−" : ""}${currencySign(currency)}${formatNumber(Math.abs(amount), 2)}`,
  };
};

/** What clings to a wall. */
const LEAST_LITRES = 0.05;

/** From here on people think in hours. */
const A_LONG_TIME_MIN = 90;

/** A quantity whose units are multiples of one another. */
function linear<U extends string>(
  parse: (text: string, unit: U) => Result<number, QuantityError>,
  format: (base: number, unit: U) => string,
  unit: U,
  base: U,
  decimals: number,
): Typed {
  const factor = readAs(parse("1", unit));
  return {
    parse: (text) => parse(text, unit),
    text: (value) => bare(value / factor, decimals),
    unit: format(2 * factor, unit)
      .split(" ")
      .slice(1)
      .join(" "),
    of: (value) => value / factor,
    echo: (value) => (unit === base ? null : `= ${format(value, base)}`),
  };
}

const readAs = (read: Result<number, QuantityError>): number => (read.ok ? read.value : Number.NaN);

/** What is shown as so many times the base. */
const times = (factor: number, unit: string): Typed => ({
  parse: (text) => mapped(parsePlain(text), (typed) => typed / factor),
  text: (base) => bare(base * factor, 3),
  unit,
  of: (base) => base * factor,
  echo: () => null,
});

const mapped = (read: Result<number, QuantityError>, to: (value: number) => number): Result<number, QuantityError> =>
  read.ok ? { ok: true, value: to(read.value) } : read;

/** Without the tail of a binary fraction. */
const exactly = (value: number): string => String(Number(value.toPrecision(12)));

/** So many decimals, more where the number is small, and none that say nothing. */
export const bare = (value: number, decimals: number): string =>
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
