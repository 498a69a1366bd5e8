"use client";
import { useMemo, useState } from "react";
import type { YardView } from "@/core/view";
import { plainly, type Typed, type Units, wordQuantityError } from "@/ui/words";
import { economyOf } from "@/ui/words/economy";
import type { Amount, Field, Form, Values } from "./verb";

export interface FormState {
  readonly texts: Readonly<Record<string, string>>;
  readonly errors: Readonly<Record<string, string>>;
  /** What is wrong with every field, said or not: what nobody has come to yet is not held against him. */
  readonly problems: Readonly<Record<string, string>>;
  readonly values: Values;
  readonly complete: boolean;
  /** Those that are asked, as things stand. */
  readonly fields: readonly Field[];
}

/** What is typed and chosen in a form; what has not been touched follows the yard and the fields before it. */
export function useForm(
  of: Pick<Form, "fields">,
  given: Readonly<Record<string, string>>,
  before: Readonly<Record<string, string>>,
  view: YardView,
  units: Units,
  onTouch: (touched: Readonly<Record<string, string>>) => void,
): FormState & { set(name: string, text: string): void; showAll(): void; reset(): void } {
  const [touched, setTouched] = useState<Record<string, string>>({ ...given, ...before });
  const [all, setAll] = useState(false);
  const form = useMemo(() => readForm(of, touched, given, view, units), [of, touched, given, view, units]);
  const touch = (next: Record<string, string>): void => {
    setTouched(next);
    onTouch(next);
  };
  return {
    ...form,
    errors: all ? form.problems : form.errors,
    set: (name, text) => touch({ ...touched, [name]: text }),
    showAll: () => setAll(true),
    reset: () => touch({ ...given }),
  };
}

/** Reads a form: `touched` is what a person typed or chose, `given` what it was opened with. */
export function readForm(
  of: Pick<Form, "fields">,
  touched: Readonly<Record<string, string>>,
  given: Readonly<Record<string, string>>,
  view: YardView,
  units: Units,
): FormState {
  const texts: Record<string, string> = {};
  const numbers: Record<string, number> = {};
  const errors: Record<string, string> = {};
  const problems: Record<string, string> = {};
  const changed = new Set<string>();
  const values: Values = {
    text: (name) => texts[name] ?? "",
    number: (name) => numbers[name] ?? Number.NaN,
    maybe: (name) => numbers[name],
    changed: (name) => changed.has(name),
  };
  let complete = true;
  const asked = new Set<Field>();
  for (const field of inDependence(of.fields)) {
    if (field.asked && !field.asked(view, values)) continue;
    asked.add(field);
    const first = firstText(field, view, values, units, given);
    const text = touched[field.name] ?? first;
    texts[field.name] = text;
    if (text !== first) changed.add(field.name);
    const opened = field.kind === "choice" || field.kind === "text" ? undefined : field.first?.(view, values);
    const isAsOpened = opened !== undefined && text === first;
    const problem = isAsOpened ? undefined : read(field, text, units, numbers);
    // Short enough to read is not exact: what nobody touched is worth what the form was opened with.
    if (isAsOpened) numbers[field.name] = opened;
    if (problem === undefined) continue;
    complete = false;
    problems[field.name] = problem;
    if (touched[field.name] !== undefined && text !== "") errors[field.name] = problem;
  }
  return { texts, errors, problems, values, complete, fields: of.fields.filter((f) => asked.has(f)) };
}

/** Choices first: an amount's first value depends on the vessels chosen, wherever it stands in the form. */
const inDependence = (fields: readonly Field[]): Field[] => [
  ...fields.filter((f) => f.kind === "choice" && !f.late),
  ...fields.filter((f) => f.kind !== "choice"),
  ...fields.filter((f) => f.kind === "choice" && f.late),
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
  return first === undefined ? "" : shown(field.kind, first, units);
}

/** A base-unit number as its field holds it: in the unit the owner types, bare. */
export function shown(kind: Amount, value: number, units: Units): string {
  return typedOf(kind, units).text(value);
}

/** How a field of a kind is typed, shown and echoed. */
export function typedOf(kind: Amount, units: Units): Typed {
  switch (kind) {
    case "litres":
      return units.volume;
    case "celsius":
      return units.temperature;
    case "mm":
      return units.length;
    case "economy":
      return economyOf(units);
    case "km":
      return units.distance;
    case "kg":
      return units.mass;
    case "kpa":
      return units.pressure;
    case "minutes":
      return units.duration;
    case "money":
      return units.price;
    case "share":
      return units.share;
    case "number":
      return plainly("");
  }
}

/** Reads a field's text into `numbers`; gives what is wrong with it, if anything is. */
function read(field: Field, text: string, units: Units, numbers: Record<string, number>): string | undefined {
  if (text.trim() === "" && field.optional) return undefined;
  if (field.kind === "choice") return text === "" ? "Say which." : undefined;
  if (field.kind === "text") return text.trim() === "" ? "Type something here." : field.wrong?.(text);
  const parsed = typedOf(field.kind, units).parse(text);
  if (!parsed.ok) return wordQuantityError(parsed.error);
  if (!MAY_BE_NEGATIVE.has(field.kind) && parsed.value < 0) return "It cannot be less than nothing.";
  if (field.kind === "litres" && parsed.value === 0 && !field.optional) return "Say how much.";
  numbers[field.name] = parsed.value;
  return undefined;
}

const MAY_BE_NEGATIVE: ReadonlySet<Field["kind"]> = new Set(["celsius", "money"]);
