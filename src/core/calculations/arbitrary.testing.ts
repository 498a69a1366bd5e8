import fc from "fast-check";

/** As much of JSON Schema as our inputs use. */
export interface Schema {
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly pattern?: string;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly items?: Schema;
  readonly prefixItems?: readonly Schema[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly propertyNames?: Schema;
  readonly additionalProperties?: Schema | boolean;
}

/** Long lists only repeat what short ones show. */
const MOST_ITEMS = 6;

/** Any value that a schema's own words accept; what a refinement says besides is for the caller to leave out. */
export function arbitraryOf(s: Schema): fc.Arbitrary<unknown> {
  if (s.const !== undefined) return fc.constant(s.const);
  if (s.enum) return fc.constantFrom(...s.enum);
  const branches = s.anyOf ?? s.oneOf;
  // Most of the time what is listed; now and then what is only described.
  if (branches) return fc.oneof(...branches.map((b) => ({ weight: b.pattern ? 1 : 12, arbitrary: arbitraryOf(b) })));
  if (Array.isArray(s.type)) return fc.oneof(...s.type.map((type: string) => arbitraryOf({ ...s, type })));
  if (s.allOf?.[0]) return arbitraryOf(s.allOf[0]);
  switch (s.type) {
    case "number":
      return numbers(s);
    case "integer":
      return fc.integer({ min: Math.max(-1e6, s.minimum ?? 0), max: Math.min(1e6, s.maximum ?? 1e6) });
    case "boolean":
      return fc.boolean();
    case "null":
      return fc.constant(null);
    case "string":
      // A fluid of the owner's own, whose figures may be given or not.
      if (s.pattern?.includes("~")) return fc.constant("diesel~Winter diesel");
      return fc.string({ minLength: s.minLength ?? 0, maxLength: Math.min(8, s.maxLength ?? 8) });
    case "array":
      return lists(s);
    case "object":
      return objects(s);
    default:
      throw new Error(`no arbitrary for ${JSON.stringify(s)}`);
  }
}

/** Evenly over the range, and over its orders of magnitude, and at its ends, where formulas break. */
function numbers(s: Schema): fc.Arbitrary<number> {
  const min = s.minimum ?? s.exclusiveMinimum ?? -1e9;
  const max = s.maximum ?? 1e9;
  const inside = (x: number): boolean => x >= min && x <= max && (s.exclusiveMinimum === undefined || x > min);
  const even = fc.double({ min, max, noNaN: true }).filter(inside);
  const ends = fc.constantFrom(min, max, 0, 1).filter(inside);
  if (max <= 0) return fc.oneof(even, ends);
  const exponents = fc.double({ min: Math.log10(Math.max(min, max * 1e-12)), max: Math.log10(max), noNaN: true });
  return fc.oneof(
    { weight: 2, arbitrary: even },
    { weight: 3, arbitrary: exponents.map((e) => 10 ** e).filter(inside) },
    ends,
  );
}

function lists(s: Schema): fc.Arbitrary<unknown> {
  if (s.prefixItems) return fc.tuple(...s.prefixItems.map(arbitraryOf));
  const minLength = s.minItems ?? 0;
  const maxLength = Math.min(Math.max(minLength, MOST_ITEMS), s.maxItems ?? MOST_ITEMS);
  return fc.array(arbitraryOf(s.items ?? { type: "number" }), { minLength, maxLength });
}

function objects(s: Schema): fc.Arbitrary<unknown> {
  const keys = Object.keys(s.properties ?? {});
  if (keys.length === 0 && s.propertyNames && typeof s.additionalProperties === "object")
    return fc.dictionary(arbitraryOf(s.propertyNames) as fc.Arbitrary<string>, arbitraryOf(s.additionalProperties), {
      maxKeys: 2,
    });
  const fields = Object.fromEntries(keys.map((key) => [key, arbitraryOf(s.properties?.[key] ?? {})]));
  return fc.record(fields, { requiredKeys: [...(s.required ?? [])] });
}
