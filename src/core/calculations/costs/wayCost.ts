import { wayCost as costOf } from "../../costs";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";

const money = (title: string) => input(title, "money", 0, 1e8);
export const mjPerL = (title: string) => input(title, "MJ/L", 5, 60);

export const wayCost = calculation({
  name: "way-cost",
  room: "costs",
  title: "What a litre costs, one way of making it",
  equation: "(oil + thinner or reagents + energy + bags + disposal + hours·wage) / litres out",
  source: "Your own prices; against pump diesel by heating value",
  range: "Litres out above none.",
  input: z.strictObject({
    oil: money("Oil"),
    thinnerOrReagents: money("Thinner or reagents"),
    energy: money("Energy"),
    bags: money("Bags"),
    disposal: money("Disposal"),
    hours: input("Hours", "h", 0, 1e5),
    wagePerHour: money("An hour is worth"),
    litresOut: input("Usable litres", "L", 0.001, 1e6),
    wasteLitres: input("Waste", "L", 0, 1e6),
    lhvMJPerL: mjPerL("Heating value"),
    dieselPricePerL: money("Pump diesel, a litre"),
    dieselMJPerL: mjPerL("Heating value of diesel").default(35.95),
  }),
  output: z.strictObject({
    perLitre: figure("A litre", "money/L"),
    perMJ: figure("A megajoule", "money/MJ"),
    hoursPerLitre: figure("Hours a litre", "h/L"),
    wastePerLitre: figure("Waste a litre", "L/L"),
    savedPerLitre: figure("Saved a litre", "money/L"),
  }),
  example: {
    oil: 10,
    thinnerOrReagents: 24,
    energy: 3,
    bags: 4,
    disposal: 2,
    hours: 3,
    wagePerHour: 10,
    litresOut: 120,
    wasteLitres: 9,
    lhvMJPerL: 34.4,
    dieselPricePerL: 1.7,
  },
  answer: "perLitre",
  heavy: false,
  run: (i) => costOf(i, i.dieselPricePerL, i.dieselMJPerL),
});
