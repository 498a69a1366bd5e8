import type { FluidId } from "@/core/fluids";
import type { Access, Source, Spot } from "@/core/ledger";
import { formatClock, parseClock } from "@/core/units";
import { OFF_THE_WORLD, plainly, type Typed, type Units, wordQuantityError } from "@/ui/words";

/** Opening hours as typed. */
export interface AccessText {
  readonly weekdays: readonly number[];
  readonly from: string;
  readonly to: string;
}

export type Deal = "unknown" | "free" | "price" | "fee";
export type Where = "unknown" | "map" | "earth";

/** A source as it is typed: texts stay as they are until they read as something. */
export interface SourceTexts {
  readonly name: string;
  readonly container: string;
  readonly containerLitres: string;
  readonly containerCount: string;
  readonly usualLitres: string;
  readonly fluid: FluidId | "";
  readonly dirt: NonNullable<Source["dirt"]> | "";
  readonly fries: string;
  readonly deal: Deal;
  readonly price: string;
  readonly minutesThere: string;
  readonly access: readonly AccessText[];
  readonly where: Where;
  readonly eastKm: string;
  readonly northKm: string;
  readonly latitude: string;
  readonly longitude: string;
  readonly contact: string;
  readonly notes: string;
}

export type FormErrors = Readonly<Record<string, string>>;

const number = (value: number | undefined): string =>
  value === undefined ? "" : String(Math.round(value * 1e6) / 1e6);

export function textsOf(s: Source, units: Units): SourceTexts {
  const litres = (l: number | undefined): string => (l === undefined ? "" : units.volume.text(l));
  const price = s.pricePerLitre;
  return {
    name: s.name,
    container: s.container,
    containerLitres: litres(s.containerLitres),
    containerCount: number(s.containerCount),
    usualLitres: litres(s.usualLitres),
    fluid: s.fluid ?? "",
    dirt: s.dirt ?? "",
    fries: s.fries ?? "",
    deal: price === undefined ? "unknown" : price === 0 ? "free" : price > 0 ? "price" : "fee",
    price: price ? units.pricePerLitre.text(Math.abs(price)) : "",
    minutesThere: s.minutesThere === undefined ? "" : units.duration.text(s.minutesThere),
    access: (s.access ?? []).map((a) => ({
      weekdays: a.weekdays,
      from: formatClock(a.fromMinute),
      to: formatClock(a.toMinute),
    })),
    where: s.spot?.kind ?? "unknown",
    eastKm: s.spot?.kind === "map" ? units.distance.text(s.spot.eastKm) : "",
    northKm: s.spot?.kind === "map" ? units.distance.text(s.spot.northKm) : "",
    latitude: s.spot?.kind === "earth" ? number(s.spot.latitude) : "",
    longitude: s.spot?.kind === "earth" ? number(s.spot.longitude) : "",
    contact: s.contact ?? "",
    notes: s.notes ?? "",
  };
}

/** Reads the form; what is wrong is said by field, and the source is there only when nothing is. */
export function readSource(known: Source, t: SourceTexts, units: Units): { source: Source | null; errors: FormErrors } {
  const errors: Record<string, string> = {};
  const shown = textsOf(known, units);
  const within: Within = (field, [least, most], words, typed = plainly(""), was = undefined) => {
    const text = t[field];
    // What nobody touched stays as it was, and is not what the screen had rounded it to.
    if (was !== undefined && text === shown[field]) return was;
    if (text.trim() === "") return undefined;
    const read = typed.parse(text);
    if (!read.ok) errors[field] = wordQuantityError(read.error);
    else if (read.value < least || read.value > most) errors[field] = words;
    return read.ok ? read.value : undefined;
  };
  const litres = (field: "containerLitres" | "usualLitres"): number | undefined =>
    within(
      field,
      [Number.MIN_VALUE, MOST_LITRES],
      "More than nothing, and no more than a container at a kitchen holds.",
      units.volume,
      known[field],
    );
  const short = (field: string, text: string, most: number): string | undefined => {
    if (text.trim().length > most) errors[field] = `Keep it under ${most} letters.`;
    return text.trim() === "" ? undefined : text.trim();
  };

  const name = short("name", t.name, 60);
  if (!name) errors.name ??= "Give it a name.";
  const container = short("container", t.container, 60);
  if (!container) errors.container ??= "Say what the oil comes in.";
  const containerCount = within("containerCount", [1, 1000], "Between 1 and 1,000 containers.");
  if (containerCount !== undefined && !Number.isInteger(containerCount)) errors.containerCount = "A whole number.";
  const pricePerLitre = priceOf(
    t,
    within(
      "price",
      [0, 100],
      `Between nothing and ${units.pricePerLitre.text(100)}.`,
      units.pricePerLitre,
      known.pricePerLitre === undefined ? undefined : Math.abs(known.pricePerLitre),
    ),
    errors,
  );
  const source: Source = {
    id: known.id,
    name: name ?? "",
    container: container ?? "",
    ...given("containerLitres", litres("containerLitres")),
    ...given("containerCount", containerCount),
    ...given("usualLitres", litres("usualLitres")),
    ...given("fluid", t.fluid || undefined),
    ...given("dirt", t.dirt || undefined),
    ...given("fries", short("fries", t.fries, 200)),
    ...given("pricePerLitre", pricePerLitre),
    ...given(
      "minutesThere",
      within("minutesThere", [1, 600], "Between 1 and 600 minutes.", units.duration, known.minutesThere),
    ),
    ...given("access", accessOf(t.access, errors)),
    ...given("spot", spotOf(t, known.spot, within, errors, units)),
    ...given("contact", short("contact", t.contact, 200)),
    ...given("notes", short("notes", t.notes, 500)),
  };
  return { source: Object.keys(errors).length === 0 ? source : null, errors };
}

const MOST_LITRES = 100_000;
const MOST_KM = 2000;

const given = <K extends string, V>(key: K, value: V | undefined): { [P in K]?: V } =>
  (value === undefined ? {} : { [key]: value }) as { [P in K]?: V };

function priceOf(t: SourceTexts, price: number | undefined, errors: Record<string, string>): number | undefined {
  if (t.deal === "unknown") return undefined;
  if (t.deal === "free") return 0;
  if (price === undefined) errors.price ??= "Say how much a litre.";
  return price === undefined ? undefined : t.deal === "price" ? price : -price;
}

function accessOf(access: readonly AccessText[], errors: Record<string, string>): Access[] | undefined {
  const read = access.map((a, i): Access | null => {
    const [fromMinute, toMinute] = [parseClock(a.from), parseClock(a.to)];
    if (a.weekdays.length === 0) errors[`days-${i}`] = "Pick at least one day.";
    if (fromMinute === null) errors[`from-${i}`] = "Write it like 09:00.";
    if (toMinute === null) errors[`to-${i}`] = "Write it like 17:00.";
    if (fromMinute === null || toMinute === null) return null;
    if (fromMinute >= toMinute) errors[`to-${i}`] = "It closes before it opens.";
    return { weekdays: [...a.weekdays].sort((x, y) => x - y), fromMinute, toMinute };
  });
  const known = read.filter((a) => a !== null);
  return known.length > 0 ? known : undefined;
}

type NumberField = {
  [K in keyof SourceTexts]: SourceTexts[K] extends string ? (string extends SourceTexts[K] ? K : never) : never;
}[keyof SourceTexts];

/** Reads a number of the form, between bounds that are told where it lies outside them. */
type Within = (
  field: NumberField,
  bounds: readonly [least: number, most: number],
  words: string,
  typed?: Typed,
  was?: number | undefined,
) => number | undefined;

function spotOf(
  t: SourceTexts,
  known: Spot | undefined,
  within: Within,
  errors: Record<string, string>,
  units: Units,
): Spot | undefined {
  const both = (a: number | undefined, b: number | undefined, fieldA: string, fieldB: string): boolean => {
    if (a === undefined) errors[fieldA] ??= "Both are needed.";
    if (b === undefined) errors[fieldB] ??= "Both are needed.";
    return a !== undefined && b !== undefined;
  };
  if (t.where === "map") {
    const was = known?.kind === "map" ? known : undefined;
    const words = `Within ${units.km(MOST_KM)} of home.`;
    const eastKm = within("eastKm", [-MOST_KM, MOST_KM], words, units.distance, was?.eastKm);
    const northKm = within("northKm", [-MOST_KM, MOST_KM], words, units.distance, was?.northKm);
    return both(eastKm, northKm, "eastKm", "northKm")
      ? { kind: "map", eastKm: eastKm ?? 0, northKm: northKm ?? 0 }
      : undefined;
  }
  if (t.where === "earth") {
    const latitude = within("latitude", [-90, 90], OFF_THE_WORLD.latitude);
    const longitude = within("longitude", [-180, 180], OFF_THE_WORLD.longitude);
    return both(latitude, longitude, "latitude", "longitude")
      ? { kind: "earth", latitude: latitude ?? 0, longitude: longitude ?? 0 }
      : undefined;
  }
  return undefined;
}
