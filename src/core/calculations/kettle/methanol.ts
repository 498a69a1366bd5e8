import { METHANOL_SHARE_SCHOOLS, methanolDose } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, litres, own } from "../fields";

const percent = METHANOL_SHARE_SCHOOLS.map((s) => `${s * 100}`).join(", ");

export const methanol = calculation({
  name: "methanol",
  room: "kettle",
  title: "Methanol for a batch",
  equation: "ratio = (V·791.5/32.042) / (L·1000·ρ/M);  consumed share = 3·(ρ/M)·32.042/0.7915",
  source: `Stoichiometry, volumes at 15 °C. Schools: ${percent} % by volume`,
  range: "Vegetable oils and fats. Less than the consumed share cannot convert it all.",
  input: z.strictObject({
    oil: fluid("Oil"),
    oilLitres: litres("Oil"),
    share: input("Methanol, share of the oil by volume", "share", 0.01, 2).default(0.2),
    own,
  }),
  output: z.strictObject({
    litres: figure("Methanol", "L"),
    kg: figure("Methanol", "kg"),
    molarRatio: figure("Moles a mole of oil", "1"),
    stoichiometricShare: figure("Consumed by the reaction, a litre of oil", "L/L"),
  }),
  example: { oil: "canola", oilLitres: 80, share: 0.2 },
  answer: "molarRatio",
  heavy: false,
  run: (i) => methanolDose(fluidFrom(i, i.oil), i.oilLitres, i.share),
});
