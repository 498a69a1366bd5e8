import { breakEven as even } from "../../costs";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe, share } from "../fields";

const price = (title: string) => input(title, "money/L", 0, 1e4);

export const breakEven = calculation({
  name: "break-even",
  room: "costs",
  title: "The pump price above which it pays",
  equation:
    "cost = (1 − s)·oil + s·thinner + other + hours·wage;  p = cost/ratio;  with pump fuel as the thinner p = (cost − s·thinner)/(ratio − s)",
  source: "Energy for energy against pump diesel",
  range: "No answer where the thinner is bought at the pump and costs what it saves.",
  input: z.strictObject({
    oilPerLitre: price("Oil"),
    thinnerShare: share("Thinner in it"),
    thinnerPerLitre: price("Thinner"),
    thinnerIsPumpFuel: z.boolean().meta({ title: "The thinner is pump diesel" }).default(false),
    otherPerLitre: price("Energy, bags, disposal").default(0),
    hoursPerLitre: input("Work", "h/L", 0, 100).default(0),
    wagePerHour: input("Your hour is worth", "money/h", 0, 1e4).default(0),
    energyRatio: input("Energy of a litre against diesel's", "1", 0.1, 3),
  }),
  output: z.strictObject({
    pumpPrice: maybe("Pays above a pump price of", "money/L"),
    costPerLitre: figure("Costs a litre", "money/L"),
  }),
  example: {
    oilPerLitre: 0.2,
    thinnerShare: 0.3,
    thinnerPerLitre: 1.6,
    thinnerIsPumpFuel: true,
    otherPerLitre: 0.1,
    hoursPerLitre: 0.03,
    wagePerHour: 12,
    energyRatio: 0.97,
  },
  answer: "pumpPrice",
  heavy: false,
  run: (i) => even(i),
});
