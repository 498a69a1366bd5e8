import { celsiusAtViscosity } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { fluid, fluidFrom, limitMm2PerS, maybe, own, usedFactor } from "../fields";

export const heat = calculation({
  name: "heat",
  room: "blending",
  title: "How warm is thin enough",
  equation: "The t with ν(t) = limit",
  source: "ASTM D341, bracketed root of a falling function",
  range: "−40 to 150 °C; no answer outside.",
  input: z.strictObject({ fluid: fluid("Fluid"), limitMm2PerS, usedFactor, own }),
  output: z.strictObject({ celsius: maybe("Temperature", "°C") }),
  example: { fluid: "canola", limitMm2PerS: 15, usedFactor: 1.2 },
  answer: "celsius",
  heavy: false,
  run: (i) => ({
    celsius: celsiusAtViscosity(
      [{ fluid: fluidFrom(i, i.fluid), litres: 1, usedFactor: i.usedFactor }],
      i.limitMm2PerS,
    ),
  }),
});
