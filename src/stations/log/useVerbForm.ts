"use client";
import { useMemo, useState } from "react";
import type { YardView } from "@/core/advice";
import { formatNumber, parseMillimetres, parseMinutes, parsePlain } from "@/core/units";
import { type Units, wordQuantityError } from "@/ui/words";
import type { Field, Values, Verb } from "./verb";

export interface VerbForm {
  readonly texts: Readonly<Record<string, string>>;
  readonly errors: Readonly<Record<string, string>>;
  readonly values: Values;
  readonly complete: boolean;
  /** Those that are asked, as things stand. */
  readonly fields: readonly Field[];
}

/** What is typed and chosen for a verb; what has not been touched follows the yard and the fields before it. */
export function useVerbForm(
  verb: Verb,
  given: Readonly<Record<string, string>>,
  view: YardView,
  units: Units,
): VerbForm & { set(name: string, text: string): void } {
  const [touched, setTouched] = useState<Record<string, string>>({ ...given });
  const form = useMemo(() => readForm(verb, touched, given, view, units), [verb, touched, given, view, units]);
  return { ...form, set: (name, text) => setTouched((t) => ({ ...t, [name]: text })) };
}

/** Reads a verb's form: `touched` is what a person typed or chose, `given` what the Log was opened with. */
export function readForm(
  verb: Verb,
  touched: Readonly<Record<string, string>>,
  given: Readonly<Record<string, string>>,
  view: YardView,
  units: Units,
): VerbForm {
  const texts: Record<string, string> = {};
  const numbers: Record<string, number> = {};
  const errors: Record<string, string> = {};
  const values: Values = {
    text: (name) => texts[name] ?? "",
    number: (name) => numbers[name] ?? Number.NaN,
    maybe: (name) => numbers[name],
  };
  let complete = true;
  const asked = new Set<Field>();
  for (const field of inDependence(verb.fields)) {
    if (field.asked && !field.asked(view, values)) continue;
    asked.add(field);
    const text = touched[field.name] ?? firstText(field, view, values, units, given);
    texts[field.name] = text;
    const problem = read(field, text, units, numbers);
    if (problem === undefined) continue;
    complete = false;
    if (touched[field.name] !== undefined && text !== "") errors[field.name] = problem;
  }
  return { texts, errors, values, complete, fields: verb.fields.filter((f) => asked.has(f)) };
}

/** Choices first: an amount's first value depends on the vessels chosen, wherever it stands in the form. */
const inDependence = (fields: readonly Field[]): Field[] => [
  ...fields.filter((f) => f.kind === "choice"),
  ...fields.filter((f) => f.kind !== "choice"),
];

function firstText(
  field: Field,
  view: YardView,
  values: Values,
  units: Units,
  given: Readonly<Record<string, string>>,
): string {
  if (field.kind === "text") return field.first?.(view, values) ?? "";
  if (field.kind === "choice") {
    const role = given[`${field.name}Role`];
    const byRole = role ? view.vessels.find((v) => v.vessel.role === role)?.vessel.id : undefined;
    return byRole ?? field.first?.(view, values) ?? "";
  }
  const first = field.first?.(view, values);
  if (first === undefined) return "";
  return field.kind === "litres" || field.kind === "celsius" ? shown(field.kind, first, units) : String(first);
}

/** A base-unit number in the unit the owner types, bare. */
export function shown(kind: "litres" | "celsius", value: number, units: Units): string {
  const text = kind === "litres" ? units.litres(value) : units.celsius(value, 1);
  const bare = text.replace("−", "-").replaceAll(",", "").split(" ")[0] ?? "";
  return kind === "litres" && text.endsWith(" L")
    ? formatNumber(value, 1).replaceAll(",", "").replace(/\.0$/, "")
    : bare.replace(/\.0$/, "");
}

/** Reads a field's text into `numbers`; gives what is wrong with it, if anything is. */
function read(field: Field, text: string, units: Units, numbers: Record<string, number>): string | undefined {
  if (field.kind === "text" || field.kind === "choice")
    return text.trim() === "" && !(field.kind === "text" && field.optional) ? "Say which." : undefined;
  if (text.trim() === "" && field.optional) return undefined;
  const parsed =
    field.kind === "litres"
      ? units.parseLitres(text)
      : field.kind === "celsius"
        ? units.parseCelsius(text)
        : field.kind === "mm"
          ? parseMillimetres(text)
          : field.kind === "minutes"
            ? parseMinutes(text)
            : parsePlain(text);
  if (!parsed.ok) return wordQuantityError(parsed.error);
  if (field.kind !== "celsius" && field.kind !== "money" && parsed.value < 0) return "It cannot be less than nothing.";
  if (field.kind === "litres" && parsed.value === 0) return "Say how much.";
  numbers[field.name] = parsed.value;
  return undefined;
}
