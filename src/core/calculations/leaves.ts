import * as z from "../zod";

/** A number or word of a complete input, under its name; the like numbers of a list are one leaf and move together. */
export interface Leaf {
  readonly path: string;
  readonly title: string;
  readonly unit: string;
  readonly whole: boolean;
  /** The numbers, one or as many as the list holds; empty where it is a word. */
  readonly values: readonly number[];
  /** The words, each once; empty where it is a number. */
  readonly words: readonly string[];
}

interface Node {
  readonly title?: string;
  readonly "x-unit"?: string;
  readonly type?: string | readonly string[];
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
  readonly items?: Node;
  readonly prefixItems?: readonly Node[];
  readonly properties?: Readonly<Record<string, Node>>;
}

const EVERY = "*";

/**
 * The leaves of an input that its schema has read, those with a name: which branch of a choice was taken shows in the
 * others. The owner's own fluid figures are left to the fluids.
 */
export function leavesOf(schema: z.ZodType, complete: unknown): Leaf[] {
  const found = new Map<string, { title: string; nodes: readonly Node[]; values: number[]; words: Set<string> }>();
  const visit = (value: unknown, nodes: readonly Node[], path: readonly string[], heading: string): void => {
    const title = nodes.find((n) => n.title)?.title ?? heading;
    if (Array.isArray(value)) {
      const tuple = nodes.flatMap((n) => n.prefixItems ?? []);
      for (const [i, v] of value.entries())
        if (tuple.length > 0) visit(v, branches(tuple[i]), [...path, String(i)], title);
        else
          visit(
            v,
            nodes.flatMap((n) => branches(n.items)),
            [...path, EVERY],
            title,
          );
    } else if (value !== null && typeof value === "object") {
      for (const [key, v] of Object.entries(value))
        visit(
          v,
          nodes.flatMap((n) => branches(n.properties?.[key])),
          [...path, key],
          "",
        );
    } else if (value !== null && value !== undefined && title !== "") {
      const key = path.join(".");
      const leaf = found.get(key) ?? { title, nodes, values: [], words: new Set<string>() };
      if (typeof value === "number") leaf.values.push(value);
      else leaf.words.add(String(value));
      found.set(key, leaf);
    }
  };
  const { own: _, ...rest } = complete as Record<string, unknown>;
  visit(rest, branches(z.toJSONSchema(schema, { io: "output" }) as Node), [], "");
  return [...found].map(([path, { title, nodes, values, words }]) => {
    const number = nodes.find((n) => isOf(n, "number") || isOf(n, "integer"));
    const unit = number?.["x-unit"] ?? nodes.find((n) => n["x-unit"])?.["x-unit"] ?? "";
    return { path, title, unit, whole: number !== undefined && isOf(number, "integer"), values, words: [...words] };
  });
}

const isOf = (n: Node, type: string): boolean => n.type === type || (Array.isArray(n.type) && n.type.includes(type));

/** A node with all that it may be instead. */
const branches = (n: Node | undefined): readonly Node[] =>
  n === undefined ? [] : [n, ...[...(n.anyOf ?? []), ...(n.oneOf ?? [])].flatMap(branches)];

const TENTH = 0.1;
const LEAST_DEGREES = 1;

/** The input again with a leaf's numbers a tenth up or down. */
export function moved(complete: unknown, leaf: Leaf, tenths: 1 | -1): unknown {
  const steps = leaf.path.split(".");
  const move = (v: number): number => {
    if (leaf.whole) return v + tenths * Math.max(1, Math.round(Math.abs(v) * TENTH));
    const least = leaf.unit === "°C" ? LEAST_DEGREES : 0;
    return v + tenths * Math.max(least, Math.abs(v) * TENTH);
  };
  const walk = (value: unknown, depth: number): unknown => {
    const step = steps[depth];
    if (step === undefined) return typeof value === "number" ? move(value) : value;
    if (Array.isArray(value))
      return value.map((v, i) => (step === EVERY || step === String(i) ? walk(v, depth + 1) : v));
    if (value === null || typeof value !== "object" || !(step in value)) return value;
    return { ...value, [step]: walk((value as Record<string, unknown>)[step], depth + 1) };
  };
  return walk(complete, 0);
}
