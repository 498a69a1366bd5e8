import fc from "fast-check";
import { describe, expect, it } from "vitest";
import * as z from "../zod";
import { calculate, calculateAny, calculationNamed, EVERY_CALCULATION, isCalculation } from ".";
import { arbitraryOf, type Schema } from "./arbitrary.testing";

/** Lists that must rise are sorted first, so that most of what is drawn gets past the schema's refinements. */
function risen(value: unknown): unknown {
  if (!Array.isArray(value)) {
    if (value === null || typeof value !== "object") return value;
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, risen(v)]));
  }
  const first = (v: unknown): number => (Array.isArray(v) ? (v[0] as number) : (v as number));
  return typeof first(value[0]) === "number" ? [...value].sort((a, b) => first(a) - first(b)) : value.map(risen);
}

/** The example with one field drawn: where what is drawn all through is hardly ever answered, this is. */
function oneChanged(example: unknown, drawn: unknown, pick: number): unknown {
  const [from, to] = [example, drawn] as Record<string, unknown>[];
  const keys = Object.keys(to ?? {});
  const key = keys[pick % Math.max(1, keys.length)];
  return key === undefined ? from : { ...from, [key]: to?.[key] };
}

const schemaOf = (c: { input: z.ZodType }): Schema => z.toJSONSchema(c.input, { io: "input" }) as Schema;

describe.each(EVERY_CALCULATION.map((c) => [c.name, c] as const))("%s", (name, c) => {
  it("answers its own example, and the answer is of its own schema", () => {
    const answer = calculateAny(name, c.example);
    expect(answer.ok && c.output.safeParse(answer.value).success).toBe(true);
    expect(answer.ok && Object.keys(answer.value as object)).toContain(c.answer);
  });
  it("gives finite figures or says why not, for any input its schema accepts", () => {
    let answered = 0;
    fc.assert(
      fc.property(arbitraryOf(schemaOf(c)), fc.nat(), fc.boolean(), (all, pick, nearby) => {
        const drawn = nearby ? oneChanged(c.example, all, pick) : all;
        const answer = calculateAny(name, risen(drawn));
        if (answer.ok) {
          answered++;
          expect(outOfNature(c.output, answer.value), JSON.stringify(drawn)).toEqual([]);
        } else if (answer.error.code === "refused") expect(answer.error.field, JSON.stringify(drawn)).not.toBe("");
      }),
      { numRuns: 150 },
    );
    expect(answered).toBeGreaterThan(0);
  });
  it("names what it is: equation, source, range, and a name and unit at every number", () => {
    for (const text of [c.equation, c.source, c.range, c.title]) expect(text.length).toBeGreaterThan(3);
    const bare = numbersWithoutUnit(schemaOf(c)).concat(numbersWithoutUnit(z.toJSONSchema(c.output) as Schema));
    expect(bare).toEqual([]);
  });
});

function numbersWithoutUnit(s: Schema & { title?: string; "x-unit"?: string }, at = ""): string[] {
  const inner = [
    ...(s.anyOf ?? []),
    ...(s.oneOf ?? []),
    ...(s.prefixItems ?? []),
    ...(s.items ? [s.items] : []),
    ...Object.values(s.properties ?? {}),
  ];
  // A figure that may be missing carries its unit on the choice, a shape's own lengths say theirs in the name.
  const named = s["x-unit"] !== undefined && s.title !== undefined;
  if (named || /Mm$|^points$/.test(at)) return [];
  if (/number|integer/.test(String(s.type))) return [at];
  const keys = Object.keys(s.properties ?? {});
  return inner.flatMap((field) => {
    const key = keys.find((k) => s.properties?.[k] === field);
    return numbersWithoutUnit(field, key ?? at);
  });
}

const WITHOUT_SIGN = new Set(["L", "L/h", "L/min", "L/d", "s", "min", "h", "d", "kg", "g", "µm", "mm²/s", "Wh"]);
/** What may truly be negative: a height of dirt that rises, money that is lost, a saving that is none. */
const A_LAST_BIT = 1e-9;

/** Figures that cannot be: a share outside 0 to 1, litres, time or mass below nothing. */
function outOfNature(schema: z.ZodType, answer: unknown): string[] {
  const walk = (s: Schema & { "x-unit"?: string }, value: unknown, at: string): string[] => {
    if (typeof value === "number") {
      const unit = s["x-unit"] ?? "";
      const bad =
        (unit === "share" && !(value >= -A_LAST_BIT && value <= 1 + A_LAST_BIT)) ||
        (WITHOUT_SIGN.has(unit) && value < 0);
      return bad ? [`${at} ${value} ${unit}`] : [];
    }
    if (Array.isArray(value))
      return value.flatMap((v, i) => walk(s.items ?? s.prefixItems?.[i] ?? {}, v, `${at}.${i}`));
    if (value === null || typeof value !== "object") return [];
    return Object.entries(value).flatMap(([key, v]) => walk(s.properties?.[key] ?? {}, v, `${at}.${key}`));
  };
  return walk(z.toJSONSchema(schema) as Schema, answer, "");
}

describe("the door", () => {
  const asked = (name: string, input: unknown) => {
    const answer = calculateAny(name, input);
    if (answer.ok) throw new Error("answered");
    return answer.error;
  };
  it("knows its names, each once", () => {
    expect(new Set(EVERY_CALCULATION.map((c) => c.name)).size).toBe(EVERY_CALCULATION.length);
    expect(isCalculation("upflow")).toBe(true);
    expect(isCalculation("toString")).toBe(false);
    expect(asked("perpetuum", {})).toEqual({ code: "unknown-calculation", name: "perpetuum" });
  });
  it("names the field that is wrong, in plain words", () => {
    const heat = { fluid: "canola", limitMm2PerS: 15 };
    const issue = (input: unknown) => {
      const error = asked("heat", input);
      return error.code === "invalid-input" ? error.issues[0] : error;
    };
    expect(issue({ fluid: "canola" })).toEqual({ field: "limitMm2PerS", reason: "is missing" });
    expect(issue({ ...heat, limitMm2PerS: "15" })).toEqual({ field: "limitMm2PerS", reason: "must be a number" });
    expect(issue({ ...heat, limitMm2PerS: 0 })).toEqual({ field: "limitMm2PerS", reason: "must be at least 1" });
    expect(issue({ ...heat, usedFaktor: 1.1 })).toEqual({ field: "usedFaktor", reason: "is not a field here" });
    expect(issue({ ...heat, fluid: "honey" })).toMatchObject({ field: "fluid" });
    expect(issue(null)).toMatchObject({ field: "" });
    const union = asked("settle-fit", {
      ...(calculationNamed("settle-fit").example as object),
      readings: [{ dirt: { name: "x", diameterUm: 20, density: { kind: "water" } }, hours: 4, clearToMm: -1 }],
    });
    expect(union).toMatchObject({ issues: [{ field: "readings.0.clearToMm", reason: "must be at least 0" }] });
  });
  it("turns a model's refusal into an error with its field", () => {
    expect(
      asked("vessel-litres", { shape: { kind: "lying-cylinder", diameterMm: 500, lengthMm: 900 }, heightMm: 600 }),
    ).toEqual({
      code: "out-of-range",
      field: "heightMm",
      value: 600,
      min: 0,
      max: 500,
    });
    expect(asked("fining", { oilLitres: 100, oilCelsius: 80 })).toMatchObject({
      code: "out-of-range",
      field: "oilCelsius",
    });
    expect(asked("methanol", { oil: "diesel", oilLitres: 10 })).toMatchObject({ code: "refused", field: "oil" });
  });
  it("puts the owner's figures in the table's place, and refuses a fluid that does not thin", () => {
    const thicker = calculate("heat", { fluid: "canola", limitMm2PerS: 15, own: { canola: { nu40Mm2PerS: 45 } } });
    const typical = calculate("heat", { fluid: "canola", limitMm2PerS: 15 });
    expect(thicker.ok && typical.ok && (thicker.value.celsius ?? 0) > (typical.value.celsius ?? 0)).toBe(true);
    expect(asked("heat", { fluid: "canola", limitMm2PerS: 15, own: { canola: { nu100Mm2PerS: 40 } } })).toMatchObject({
      field: "own.canola.nu100Mm2PerS",
    });
  });
});
