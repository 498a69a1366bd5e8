import { methanolPct } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { input, maybe } from "../fields";

export const methanolPurity = calculation({
  name: "methanol-purity",
  room: "kettle",
  title: "Methanol in water by hydrometer",
  equation: "weight % by table at 20 °C, linear between",
  source: "Handbook densities of methanol and water",
  range: "0.7917 to 0.9345 kg/L at 20 °C, 100 to 40 %; no answer outside.",
  input: z.strictObject({ kgPerL20C: input("Density at 20 °C", "kg/L", 0.5, 1.5) }),
  output: z.strictObject({ methanolPct: maybe("Methanol", "% by weight") }),
  example: { kgPerL20C: 0.808 },
  answer: "methanolPct",
  heavy: false,
  run: (i) => ({ methanolPct: methanolPct(i.kgPerL20C) }),
});
