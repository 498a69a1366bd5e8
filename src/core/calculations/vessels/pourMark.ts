import { pourMarkMm } from "../../vessels";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, shape } from "../fields";

export const pourMark = calculation({
  name: "pour-mark",
  room: "vessels",
  title: "Where to stop pouring",
  equation: "The h with V(h) = V(now) + litres",
  source: "Bracketed root of the vessel's own volume",
  range: "Litres as measured, to where the shape ends or 20 m.",
  input: z.strictObject({
    shape,
    fromMm: input("Stands at", "mm", 0, 20_000),
    addLitres: input("Pour", "L", 0, 1e6),
  }),
  output: z.strictObject({ toMm: figure("Stop at", "mm") }),
  example: { shape: { kind: "lying-cylinder", diameterMm: 600, lengthMm: 900 }, fromMm: 120, addLitres: 40 },
  answer: "toMm",
  heavy: false,
  run: (i) => ({ toMm: pourMarkMm(i.shape, i.fromMm, i.addLitres) }),
});
