import { hydrometerRho15KgPerL } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidFrom, input, own } from "../fields";

export const hydrometer = calculation({
  name: "hydrometer",
  room: "fluids",
  title: "A hydrometer reading at 15 °C",
  equation: "ρ15 = ρ / (1 − α·(t − 15))",
  source: "Linear expansion with the fluid table's α",
  range: "−40 to 150 °C.",
  input: z.strictObject({
    kgPerL: input("Density read", "kg/L", 0.5, 1.5),
    celsius: celsius("Temperature then"),
    fluid: fluid("Fluid"),
    own,
  }),
  output: z.strictObject({ rho15KgPerL: figure("Density at 15 °C", "kg/L") }),
  example: { kgPerL: 0.876, celsius: 25, fluid: "biodiesel" },
  answer: "rho15KgPerL",
  heavy: false,
  run: (i) => ({ rho15KgPerL: hydrometerRho15KgPerL(i.kgPerL, i.celsius, fluidFrom(i, i.fluid)) }),
});
