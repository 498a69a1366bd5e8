import { litresAtHeight, type VesselForm } from "./litres";
import type { Shape } from "./shapes";

/** A container of the same proportions that holds so many litres to its rim: what a guess by litres alone comes to. */
export function scaledTo(form: VesselForm, litres: number): VesselForm {
  const by = Math.cbrt(litres / litresAtHeight(form.shape, form.rimMm));
  return { shape: scaledShape(form.shape, by), rimMm: form.rimMm * by };
}

function scaledShape(shape: Shape, by: number): Shape {
  if (shape.kind === "table")
    return { kind: "table", points: shape.points.map(([mm, litres]) => [mm * by, litres * by ** 3] as const) };
  // Every measure of every other shape is a length.
  const lengths = Object.entries(shape).map(([key, value]) => [key, typeof value === "number" ? value * by : value]);
  return Object.fromEntries(lengths) as Shape;
}
