import { capacityLitres, heightAtLitres } from "../../vessels";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, shape } from "../fields";

export const vesselHeight = calculation({
  name: "vessel-height",
  room: "vessels",
  title: "Height at which so many litres stand",
  equation: "The h with V(h) = litres",
  source: "Bracketed root of the vessel's own volume",
  range: "From empty to the rim.",
  input: z.strictObject({
    shape,
    rimMm: input("Rim", "mm", 1, 20_000),
    litres: input("Litres", "L", 0, 1e6),
  }),
  output: z.strictObject({ heightMm: figure("Height", "mm"), capacityLitres: figure("Litres to the rim", "L") }),
  example: { shape: { kind: "lying-cylinder", diameterMm: 600, lengthMm: 900 }, rimMm: 600, litres: 120 },
  answer: "heightMm",
  heavy: false,
  run: (i) => ({ heightMm: heightAtLitres(i, i.litres), capacityLitres: capacityLitres(i) }),
});
