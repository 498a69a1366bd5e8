import { BASE_DOSE_SCHOOLS, catalystGrams } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, litres } from "../fields";
import { base, purity } from "./base";

export const catalyst = calculation({
  name: "catalyst",
  room: "kettle",
  title: "Lye to weigh",
  equation: "g = L·(base dose + acid·M) / purity",
  source: `Base-dose schools: NaOH ${BASE_DOSE_SCHOOLS.NaOH.join(" or ")} g/L, KOH ${BASE_DOSE_SCHOOLS.KOH.join(", ")} g/L`,
  range: "Oil of up to a few % free acid; above that an acid stage first.",
  input: z.strictObject({
    oilLitres: litres("Oil"),
    acidMolPerL: input("Free acid", "mol/L", 0, 3),
    base,
    baseDoseGPerL: input("Base dose", "g/L", 0.5, 30),
    purity: purity("Purity of the base"),
  }),
  output: z.strictObject({ grams: figure("Weigh", "g") }),
  example: { oilLitres: 80, acidMolPerL: 0.04, base: "KOH", baseDoseGPerL: 7, purity: 0.9 },
  answer: "grams",
  heavy: false,
  run: (i) => ({ grams: catalystGrams(i.oilLitres, i.acidMolPerL, i.base, i.baseDoseGPerL, i.purity) }),
});
