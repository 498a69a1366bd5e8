import { ShapeSchema } from "@/core/ledger";
import { formatNumber, parsePlain } from "@/core/units";
import { modelOf, SHAPE_LIST, type Shape } from "@/core/vessels";
import type { YardView } from "@/core/view";
import type { Field, Values } from "@/desk/form";

type ShapeOf = (view: YardView, v: Values) => Shape | undefined;

const fieldName = (kind: string, key: string): string => `${kind}.${key}`;
const MARKS = "marks";

/** What a tape measures of the shape at hand, read off the shapes themselves; of a table, its owner's marks. */
export const measureFields = (of: ShapeOf): Field[] => [
  ...SHAPE_LIST.flatMap((model) =>
    model.measures.map(
      ({ key, name }): Field => ({
        kind: "mm",
        name: fieldName(model.kind, key),
        label: name,
        asked: (view, v) => of(view, v)?.kind === model.kind,
        first: (view, v) => measureOf(of(view, v), key),
      }),
    ),
  ),
  {
    kind: "text",
    name: MARKS,
    label: "Marks: mm from the bottom and the litres there, as 100 5, 200 12",
    asked: (view, v) => of(view, v)?.kind === "table",
    first: (view, v) => {
      const shape = of(view, v);
      return shape?.kind === "table" ? shape.points.map(([mm, l]) => `${bare(mm)} ${bare(l)}`).join(", ") : "";
    },
    wrong: (text) =>
      marksFrom(text) === null
        ? "Pairs of mm and litres with commas between them, each higher than the last."
        : undefined,
  },
];

const bare = (n: number): string => formatNumber(n, 2).replaceAll(",", "");

const measureOf = (shape: Shape | undefined, key: string): number | undefined => {
  const found = shape && (shape as unknown as Readonly<Record<string, unknown>>)[key];
  return typeof found === "number" ? found : undefined;
};

function marksFrom(text: string): Extract<Shape, { kind: "table" }> | null {
  const points = text.split(/[,;]+/).map((pair) =>
    pair
      .trim()
      .split(/\s+/)
      .map((n) => {
        const parsed = parsePlain(n);
        return parsed.ok ? parsed.value : Number.NaN;
      }),
  );
  const read = ShapeSchema.safeParse({ kind: "table", points });
  return read.success && read.data.kind === "table" ? read.data : null;
}

/** The shape with the measures that were changed; all others as they were. */
export function shapeFrom(shape: Shape, v: Values): Shape {
  if (shape.kind === "table") return (v.changed(MARKS) && marksFrom(v.text(MARKS))) || shape;
  const measures = modelOf(shape).measures.flatMap(({ key }) => {
    const name = fieldName(shape.kind, key);
    return v.changed(name) ? [[key, v.number(name)]] : [];
  });
  return { ...shape, ...Object.fromEntries(measures) };
}
