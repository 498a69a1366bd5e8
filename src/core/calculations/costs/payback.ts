import { payback as paidBack } from "../../costs";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe } from "../fields";

export const payback = calculation({
  name: "payback",
  room: "costs",
  title: "When the kit has paid for itself",
  equation: "the day on which Σ litres·saved ≥ kit; after today at the rate so far",
  source: "The ledger's own litres burned",
  range: "No answer where nothing is saved.",
  input: z
    .strictObject({
      kitCost: input("Kit", "money", 0, 1e8),
      burned: z
        .array(z.strictObject({ day: input("Day", "d", 0, 40_000), litres: input("Litres burned", "L", 0, 1e6) }))
        .max(10_000)
        .meta({ title: "Litres burned, by day since the kit" }),
      savedPerLitre: input("Saved a litre", "money/L", -1e4, 1e4),
      today: input("Today, days since the kit", "d", 1, 40_000),
    })
    .refine((i) => i.burned.every((b) => b.day <= i.today), { path: ["burned"], error: "must not lie after today" }),
  output: z.strictObject({
    savedSoFar: figure("Saved so far", "money"),
    litresPerDay: figure("Litres a day", "L/d"),
    days: maybe("Paid back after", "d"),
  }),
  example: {
    kitCost: 900,
    burned: [
      { day: 30, litres: 60 },
      { day: 90, litres: 140 },
      { day: 200, litres: 180 },
    ],
    savedPerLitre: 1.1,
    today: 230,
  },
  answer: "days",
  heavy: false,
  run: (i) => paidBack(i.kitCost, i.burned, i.savedPerLitre, i.today),
});
