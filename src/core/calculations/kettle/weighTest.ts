import { weighTestPct } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";

const grams = (title: string) => input(title, "g", 0.1, 1e5);

export const weighTest = calculation({
  name: "weigh-test",
  room: "kettle",
  title: "Water by weighing",
  equation: "water % = mass lost / mass",
  source: "Weighed before and after it was heated dry, without the pan",
  range: "Good to the scale's own error: a gram on a hundred is 1 %.",
  input: z
    .strictObject({
      wetG: grams("Before"),
      dryG: grams("After"),
      scaleG: input("The scale's step", "g", 1e-4, 100).default(0.1),
    })
    .refine((i) => i.dryG <= i.wetG, { path: ["dryG"], error: "must not be more than before" }),
  output: z.strictObject({
    waterPct: figure("Water", "% by mass"),
    uncertainPct: figure("Give or take", "% by mass"),
  }),
  example: { wetG: 250, dryG: 248.6 },
  answer: "waterPct",
  heavy: false,
  run: (i) => ({ waterPct: weighTestPct(i.wetG, i.dryG), uncertainPct: (i.scaleG / i.wetG) * 100 }),
});
