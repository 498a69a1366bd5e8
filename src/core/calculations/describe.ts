import * as z from "../zod";
import type { AnyCalculation, Room } from "./calculation";

/** A field of an input or an answer as a person reads it. */
export interface FieldInfo {
  readonly field: string;
  readonly title: string;
  /** "1" for a plain number, "" for what is no number. */
  readonly unit: string;
  readonly kind: "number" | "whole" | "word" | "truth" | "text" | "list";
  readonly words: readonly string[];
  readonly min: number | null;
  readonly max: number | null;
  readonly optional: boolean;
  /** The fields inside, of an object or of each of a list of objects. */
  readonly parts: readonly FieldInfo[];
  /** What is taken where nothing is given; absent where there is none. */
  readonly usual?: unknown;
}

/** A calculation without its functions, as its page and other programs see it. */
export interface Description {
  readonly name: string;
  readonly room: Room;
  readonly title: string;
  readonly equation: string;
  readonly source: string;
  readonly range: string;
  readonly heavy: boolean;
  readonly answer: string;
  readonly inputs: readonly FieldInfo[];
  readonly outputs: readonly FieldInfo[];
  readonly example: unknown;
}

interface Node {
  readonly type?: string | readonly string[];
  readonly title?: string;
  readonly "x-unit"?: string;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Node[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly default?: unknown;
  readonly items?: Node;
  readonly properties?: Readonly<Record<string, Node>>;
  readonly required?: readonly string[];
}

export const describeCalculation = (c: AnyCalculation): Description => ({
  name: c.name,
  room: c.room,
  title: c.title,
  equation: c.equation,
  source: c.source,
  range: c.range,
  heavy: c.heavy,
  answer: c.answer,
  inputs: fieldsOf(z.toJSONSchema(c.input, { io: "input" }) as Node),
  outputs: fieldsOf(z.toJSONSchema(c.output) as Node),
  example: c.example,
});

function fieldsOf(schema: Node): FieldInfo[] {
  const required = new Set(schema.required ?? []);
  return Object.entries(schema.properties ?? {}).map(([field, node]) => fieldOf(field, node, !required.has(field)));
}

function fieldOf(field: string, outer: Node, optional: boolean): FieldInfo {
  // What may be missing is a choice between it and null, or a kind beside null.
  const inner = outer.anyOf?.find((n) => n.type !== "null");
  const nullable = typesOf(outer).includes("null") || (outer.anyOf?.some((n) => n.type === "null") ?? false);
  // A fluid is one of the table, or of the owner's own: those of the table are offered.
  const listed = outer.anyOf?.find((n) => n.enum);
  const node = listed ?? (nullable && outer.anyOf?.length === 2 && inner ? inner : outer);
  return {
    field,
    title: outer.title ?? node.title ?? field,
    unit: outer["x-unit"] ?? node["x-unit"] ?? node.items?.["x-unit"] ?? "",
    kind: kindOf(node),
    words: (node.enum ?? []).filter((w) => w !== null).map(String),
    min: node.minimum ?? null,
    max: node.maximum ?? null,
    optional: optional || nullable,
    parts: fieldsOf(node.items ?? node),
    ...(outer.default !== undefined && { usual: outer.default }),
  };
}

const typesOf = (node: Node): readonly string[] => (typeof node.type === "string" ? [node.type] : (node.type ?? []));

function kindOf(node: Node): FieldInfo["kind"] {
  if (node.enum) return "word";
  switch (typesOf(node).find((t) => t !== "null")) {
    case "number":
      return "number";
    case "integer":
      return "whole";
    case "boolean":
      return "truth";
    case "string":
      return "text";
    default:
      return "list";
  }
}
