import { densityKgPerL } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidFrom, litres, own } from "../fields";

export const litresAt15 = calculation({
  name: "litres-at-15",
  room: "fluids",
  title: "Litres measured, brought to 15 °C",
  equation: "V15 = V·ρ(t)/ρ15",
  source: "Linear expansion with the fluid table's α",
  range: "−40 to 150 °C. The ledger counts litres at 15 °C.",
  input: z.strictObject({
    fluid: fluid("Fluid"),
    litres: litres("Litres measured"),
    celsius: celsius("Temperature"),
    own,
  }),
  output: z.strictObject({ litres15: figure("Litres at 15 °C", "L"), kg: figure("Mass", "kg") }),
  example: { fluid: "canola", litres: 20, celsius: 60 },
  answer: "litres15",
  heavy: false,
  run(i) {
    const f = fluidFrom(i, i.fluid);
    const kg = i.litres * densityKgPerL(f, i.celsius);
    return { litres15: kg / f.rho15KgPerL, kg };
  },
});
