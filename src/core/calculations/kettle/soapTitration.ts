import { soapPpm } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, word } from "../fields";

export const soapTitration = calculation({
  name: "soap-titration",
  room: "kettle",
  title: "Soap left in the fuel",
  equation: "ppm = mL·N·M·1000 / g,  M 304.44 (Na) or 320.55 (K)",
  source: "Titration with hydrochloric acid; soap as oleate",
  range: "Acid in the wash splits soap into free acid that stays in the fuel: test the acid number after.",
  input: z.strictObject({
    acidMl: input("Acid used", "mL", 0, 1000),
    normality: input("Its normality", "mol/L", 1e-4, 10),
    metal: word("Made with", ["Na", "K"]),
    grams: input("Sample", "g", 0.1, 10_000),
  }),
  output: z.strictObject({ soapPpm: figure("Soap", "ppm") }),
  example: { acidMl: 1.2, normality: 0.01, metal: "K", grams: 50 },
  answer: "soapPpm",
  heavy: false,
  run: (i) => ({ soapPpm: soapPpm(i.acidMl, i.normality, i.metal === "Na" ? "NaOH" : "KOH", i.grams) }),
});
