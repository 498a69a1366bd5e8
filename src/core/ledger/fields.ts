import { componentName, isComponentId } from "../fluids";
import * as z from "../zod";
import { type Entry, kindOf } from "./entry";
import type { Called } from "./kinds/kind";

/** What a field is, as its schema says: a quantity, whose id, one of a few. */
export type FieldIs =
  | "litres"
  | "celsius"
  | "mm"
  | "minutes"
  | "seconds"
  | "share"
  | "kg"
  | "kpa"
  | "g"
  | "km"
  | "money"
  | "step"
  | "time"
  | "text"
  | "number"
  | "choice"
  | "fluid"
  | "yes-no"
  | "vessel"
  | "source"
  | "bag"
  | "vehicle"
  | "place"
  | "round"
  | "cup"
  | "recipe"
  | "batch"
  | "line";

type FieldValue = string | number | boolean | undefined;

/** One field of an entry: where it lies in the data, what it is called, and what it says. */
export interface EntryField {
  /** "amount.litres", "parts.1.from". */
  readonly path: string;
  readonly label: string;
  readonly is: FieldIs;
  /** Of a choice: its words by what is written. */
  readonly choices?: Readonly<Record<string, string>>;
  readonly optional: boolean;
  readonly value: FieldValue;
}

/**
 * The fields of an entry, read off its kind's own schema and names: whatever is added to a kind is in the form that
 * corrects it. Those that are changed elsewhere are left out.
 */
export function fieldsOf(entry: Pick<Entry, "kind" | "data">): EntryField[] {
  const { data, called } = kindOf(entry.kind);
  return walk(data, entry.data, [], false, called);
}

type Path = readonly (string | number)[];

/** A field's name leaves out which of a list it is of; the label then counts. */
const nameOf = (path: Path): string => path.filter((p) => typeof p === "string").join(".");

function walk(
  schema: z.ZodType,
  value: unknown,
  path: Path,
  optional: boolean,
  called: Readonly<Record<string, Called>>,
): EntryField[] {
  if (called[nameOf(path)] === null) return [];
  if (schema instanceof z.ZodOptional) {
    const inner = schema.unwrap() as z.ZodType;
    // A group of which nothing was said is not asked piece by piece: half of one could not be kept.
    return value === undefined && inner instanceof z.ZodObject ? [] : walk(inner, value, path, true, called);
  }
  if (schema instanceof z.ZodUnion && isOf(schema) === null) {
    const options = schema.options as readonly z.ZodType[];
    const own = options.find((o) => o.safeParse(value).success) ?? options[0];
    // "All of it" may be corrected to so many litres.
    const measured = options[0];
    const isAll = typeof value === "object" && value !== null && "all" in value;
    return isAll && measured
      ? walk(measured, value, path, true, called)
      : own
        ? walk(own, value, path, optional, called)
        : [];
  }
  if (schema instanceof z.ZodObject)
    return Object.entries(schema.shape).flatMap(([key, inner]) =>
      walk(inner as z.ZodType, at(value, key), [...path, key], optional, called),
    );
  if (schema instanceof z.ZodArray)
    return Array.isArray(value)
      ? value.flatMap((item: unknown, i) => walk(schema.element as z.ZodType, item, [...path, i], false, called))
      : [];
  return leaf(schema, value, path, optional, called);
}

function leaf(
  schema: z.ZodType,
  value: unknown,
  path: Path,
  optional: boolean,
  called: Readonly<Record<string, Called>>,
): EntryField[] {
  const name = called[nameOf(path)];
  const is = isOf(schema);
  if (!name || is === null) return [];
  const index = path.find((p) => typeof p === "number");
  const label = typeof name === "string" ? name : name[0];
  const choices = typeof name === "string" ? namesOf(schema) : name[1];
  return [
    {
      path: path.join("."),
      label: index === undefined ? label : `${label} ${Number(index) + 1}`,
      is,
      ...((is === "choice" || is === "fluid") && { choices }),
      optional,
      value: value as FieldValue,
    },
  ];
}

function isOf(schema: z.ZodType): FieldIs | null {
  const said = (schema.meta() as { is?: FieldIs } | undefined)?.is;
  if (said) return said;
  if (schema instanceof z.ZodEnum) return "choice";
  if (schema instanceof z.ZodBoolean) return "yes-no";
  if (schema instanceof z.ZodNumber) return "number";
  return schema instanceof z.ZodString ? "text" : null;
}

/** Components go by their own names; a choice without words by what is written. The yard's own fluids are its to add. */
function namesOf(schema: z.ZodType): Record<string, string> {
  const listed = schema instanceof z.ZodUnion ? (schema.options as readonly z.ZodType[])[0] : schema;
  if (!(listed instanceof z.ZodEnum)) return {};
  const written = listed.options.map(String);
  return Object.fromEntries(written.map((o) => [o, isComponentId(o) ? componentName(o) : o]));
}

const at = (value: unknown, key: string | number): unknown =>
  typeof value === "object" && value !== null ? (value as Record<string | number, unknown>)[key] : undefined;

/** The data with some fields changed, by their paths; all else is as it was. An undefined value takes the field out. */
export function withFields(data: unknown, changes: Readonly<Record<string, FieldValue>>): unknown {
  let changed = data;
  for (const [path, value] of Object.entries(changes)) changed = withField(changed, path.split("."), value);
  return changed;
}

function withField(data: unknown, [key, ...deeper]: readonly string[], value: FieldValue): unknown {
  if (key === undefined) return value;
  const old = at(data, key);
  const inner = withField(old, deeper, value);
  if (inner === old) return data;
  if (Array.isArray(data)) return data.map((item: unknown, i) => (String(i) === key ? inner : item));
  const { [key]: _, ...rest } = (data ?? {}) as Record<string, unknown>;
  // So many litres are no longer "all of it".
  if (key === "litres") delete rest.all;
  return inner === undefined ? rest : { ...rest, [key]: inner };
}
