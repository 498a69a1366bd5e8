import { waterDensityKgPerM3 } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";

export const waterDensity = calculation({
  name: "water-density",
  room: "fluids",
  title: "Density of water",
  equation: "ρ = 999.85 + 0.0526·t − 0.0075·t² + 3.4·10⁻⁵·t³",
  source: "Cubic through handbook values",
  range: "−5 to 100 °C, liquid.",
  input: z.strictObject({ celsius: input("Temperature", "°C", -5, 100) }),
  output: z.strictObject({ kgPerM3: figure("Density", "kg/m³") }),
  example: { celsius: 20 },
  answer: "kgPerM3",
  heavy: false,
  run: (i) => ({ kgPerM3: waterDensityKgPerM3(i.celsius) }),
});
