import fc from "fast-check";
import * as z from "../zod";
import type { Draft, EntryKind } from "./entry";
import { KIND_LIST } from "./kinds";

/**
 * Entries drawn from the kinds' own schemas, whatever kinds there are: for properties that must hold of each. Ids are
 * drawn from those of a small yard, so that entries meet the things in it.
 */

export const IDS: Readonly<Record<string, readonly string[]>> = {
  vessel: ["A", "B", "C", "kettle", "tank", "settler"],
  source: ["kitchen", "garage"],
  bag: ["bag"],
  vehicle: ["tractor", "flatbed"],
  place: ["trailer"],
  round: ["round"],
  cup: ["cup"],
  batch: ["batch"],
  entry: ["01"],
};

export function arbitraryData(schema: z.ZodType): fc.Arbitrary<unknown> {
  const is = (schema.meta() as { is?: string } | undefined)?.is;
  const ids = is === undefined ? undefined : IDS[is];
  if (ids) return fc.constantFrom(...ids);
  if (is === "time") return fc.constant("2026-02-01T08:00:00.000Z");
  if (schema instanceof z.ZodOptional)
    return fc.option(arbitraryData(schema.unwrap() as z.ZodType), { nil: undefined });
  if (schema instanceof z.ZodNullable) return fc.option(arbitraryData(schema.unwrap() as z.ZodType), { nil: null });
  // The one is of the yard, the other nobody has described.
  if (schema instanceof z.ZodTemplateLiteral) return fc.constantFrom("diesel~Winter diesel", "petrol~Unknown");
  if (schema instanceof z.ZodUnion) return fc.oneof(...(schema.options as z.ZodType[]).map(arbitraryData));
  if (schema instanceof z.ZodLiteral) return fc.constantFrom(...schema.values);
  if (schema instanceof z.ZodEnum) return fc.constantFrom(...schema.options);
  if (schema instanceof z.ZodBoolean) return fc.boolean();
  if (schema instanceof z.ZodReadonly) return arbitraryData(schema.unwrap() as z.ZodType);
  if (schema instanceof z.ZodTuple) return fc.tuple(...(schema.def.items as z.ZodType[]).map(arbitraryData));
  if (schema instanceof z.ZodArray) return arrayOf(schema);
  if (schema instanceof z.ZodObject) return objectOf(schema.shape as Record<string, z.ZodType>);
  if (schema instanceof z.ZodNumber) return numberOf(schema, is);
  if (schema instanceof z.ZodString) return textOf(schema);
  throw new Error(`nothing is drawn for ${schema.def.type}`);
}

function objectOf(shape: Record<string, z.ZodType>): fc.Arbitrary<unknown> {
  const drawn = Object.fromEntries(Object.entries(shape).map(([key, inner]) => [key, arbitraryData(inner)]));
  return fc
    .record(drawn)
    .map((data) => Object.fromEntries(Object.entries(data).filter(([, value]) => value !== undefined)));
}

function arrayOf(schema: z.ZodArray): fc.Arbitrary<unknown> {
  const checks = (schema.def.checks ?? []).map(
    (c) => c._zod.def as { minimum?: number; maximum?: number; length?: number },
  );
  const exact = checks.find((c) => c.length !== undefined)?.length;
  const least = exact ?? checks.find((c) => c.minimum !== undefined)?.minimum ?? 0;
  const most = exact ?? Math.min(least + 3, checks.find((c) => c.maximum !== undefined)?.maximum ?? 3);
  return fc.array(arbitraryData(schema.element as z.ZodType), { minLength: least, maxLength: Math.max(least, most) });
}

const MEASURED = new Set(["litres", "kg"]);

function numberOf(schema: z.ZodNumber, is: string | undefined): fc.Arbitrary<number> {
  const [min, max] = [schema.minValue ?? 0, schema.maxValue ?? 1000];
  // Nobody measures less than a millilitre or a gram.
  const least = min === 0 && MEASURED.has(is ?? "") ? 1e-3 : min;
  const [low, high] = [Math.max(least, -1e6), Math.min(max, 1e6)];
  if (schema.isInt) return fc.integer({ min: Math.ceil(low), max: Math.floor(high) });
  // As often as not what a person would write; the ends else.
  const usual = fc.double({ min: low, max: Math.min(high, low + 100), noNaN: true });
  return fc.oneof(usual, fc.double({ min: low, max: high, noNaN: true }), fc.constantFrom(low, high));
}

function textOf(schema: z.ZodString): fc.Arbitrary<string> {
  const samples = ["Drum 3", "EUR", "aGVsbG8=", "closed at noon", ""];
  return fc.constantFrom(...samples.filter((s) => schema.safeParse(s).success));
}

/** Drafts of a kind that its schema accepts. */
export function arbitraryDraft(kind: EntryKind): fc.Arbitrary<Draft> {
  const { data } = KIND_LIST.find((k) => k.kind === kind) as { data: z.ZodType };
  return arbitraryData(data)
    .filter((drawn) => data.safeParse(drawn).success)
    .map((drawn) => ({ kind, data: data.parse(drawn) }) as Draft);
}
