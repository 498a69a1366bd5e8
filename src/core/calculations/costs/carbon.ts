import { CO2_KG_PER_DIESEL_L, savedCo2Kg } from "../../costs";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";
import { mjPerL } from "./wayCost";

export const carbon = calculation({
  name: "carbon",
  room: "costs",
  title: "Fossil carbon dioxide not let out",
  equation: "litres·(MJ/L ÷ MJ/L of diesel)·factor",
  source: `Your own factor; ${CO2_KG_PER_DIESEL_L} kg a litre of diesel not burned to start`,
  range: "Waste oil counted as carbon that would have come out anyway; thinner and methanol are yours to subtract.",
  input: z.strictObject({
    litres: input("Litres burned", "L", 0, 1e7),
    lhvMJPerL: mjPerL("Heating value"),
    dieselMJPerL: mjPerL("Heating value of diesel").default(35.95),
    kgPerDieselLitre: input("Factor", "kg/L", 0, 10).default(CO2_KG_PER_DIESEL_L),
  }),
  output: z.strictObject({ kg: figure("Carbon dioxide", "kg") }),
  example: { litres: 380, lhvMJPerL: 34.4 },
  answer: "kg",
  heavy: false,
  run: (i) => ({ kg: savedCo2Kg(i.litres, i.lhvMJPerL, i.dieselMJPerL, i.kgPerDieselLitre) }),
});
