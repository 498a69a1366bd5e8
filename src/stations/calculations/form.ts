import type { CalculationError, FieldInfo } from "@/core/calculations";
import { parsePlain } from "@/core/units";
import { wordQuantityError } from "@/ui/words";

/** What stands in the form, as typed. */
export type Texts = Readonly<Record<string, string>>;
/** Messages by field. */
export type Messages = Readonly<Record<string, string>>;

/** An example's values as one would type them; fields it leaves out stay empty. */
export function textsOf(fields: readonly FieldInfo[], example: unknown): Texts {
  const given = example as Record<string, unknown>;
  return Object.fromEntries(fields.map((f) => [f.field, textOf(f, given[f.field] ?? f.usual)]));
}

/** From here on nobody counts noughts. */
const LARGE = 1e7;

function textOf(f: FieldInfo, value: unknown): string {
  if (value === undefined || value === null) return "";
  if (f.kind === "truth") return value ? "yes" : "no";
  if (typeof value === "number" && Math.abs(value) >= LARGE) return value.toExponential();
  return f.kind === "list" ? listText(value) : String(value);
}

/** Data on lines short enough to read: each item of a list on its own. */
function listText(value: unknown): string {
  if (!Array.isArray(value) || value.length < 2) return JSON.stringify(value);
  return `[\n${value.map((v) => `  ${JSON.stringify(v)}`).join(",\n")}\n]`;
}

/** What was typed as an input, or what cannot be read; an empty optional field is left out. */
export function readForm(
  fields: readonly FieldInfo[],
  texts: Texts,
): { input: Record<string, unknown>; messages: Messages } {
  const input: Record<string, unknown> = {};
  const messages: Record<string, string> = {};
  for (const f of fields) {
    const text = texts[f.field] ?? "";
    if (text.trim() === "" && f.optional) continue;
    const read = readField(f, text);
    if (typeof read === "object" && read !== null && "message" in read) messages[f.field] = read.message;
    else input[f.field] = read.value;
  }
  return { input, messages };
}

function readField(f: FieldInfo, text: string): { value: unknown } | { message: string } {
  switch (f.kind) {
    case "number":
    case "whole": {
      // A figure as another program writes it, 1e10, is a number here too.
      const plain = /^[+-]?\d+(\.\d+)?e[+-]?\d+$/i.test(text.trim()) ? Number(text) : Number.NaN;
      if (Number.isFinite(plain)) return { value: plain };
      const parsed = parsePlain(text);
      return parsed.ok ? { value: parsed.value } : { message: wordQuantityError(parsed.error) };
    }
    case "truth":
      return { value: text === "yes" };
    case "list":
      try {
        return { value: JSON.parse(text) };
      } catch {
        return { message: "This is not complete JSON: a bracket, a comma or a quote is missing." };
      }
    default:
      return { value: text };
  }
}

/** A calculation's complaint by the field it belongs to; what belongs to none comes under "". */
export function messagesOf(error: CalculationError, word: (e: CalculationError) => string): Messages {
  const at = (field: string): string => field.split(".")[0] ?? "";
  if (error.code === "invalid-input")
    return Object.fromEntries(error.issues.map((i) => [at(i.field), word({ code: "invalid-input", issues: [i] })]));
  return { ["field" in error ? at(error.field) : ""]: word(error) };
}
