import { SHAPE_LIST, type Shape } from "../../vessels";
import * as z from "../../zod";
import { Litres } from "./quantities";

const Length = z.number().min(0.1).max(20_000);

/** Marks of the owner's own: height and the litres below it. */
const Points = z
  .array(z.tuple([Length, Litres]).readonly())
  .min(1)
  .max(500)
  .refine(
    (points) =>
      points.every(([mm, l], i) => i === 0 || (mm > (points[i - 1]?.[0] ?? 0) && l >= (points[i - 1]?.[1] ?? 0))),
    "heights must rise",
  )
  .readonly();

/** Made from the shapes themselves: each measure a length, a table its marks. */
const [first, ...others] = SHAPE_LIST.map((model) =>
  z.object({
    kind: z.literal(model.kind),
    ...Object.fromEntries(
      model.measures.map(({ key, name }) => [key, Length.meta({ title: name, "x-unit": "mm", is: "mm" })]),
    ),
    ...(model.measures.length === 0 && { points: Points }),
  }),
);
if (!first) throw new Error("no shapes");

export const ShapeSchema = z.discriminatedUnion("kind", [first, ...others]) as unknown as z.ZodType<Shape>;
