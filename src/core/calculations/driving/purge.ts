import { minutesToResidual, purgeResidual } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";
import { flow, lineLitres, minutes, tanksInSeries } from "./line";

export const purge = calculation({
  name: "purge",
  room: "driving",
  title: "How clean the line is after a purge",
  equation: "old share = e^(−nθ)·Σ (nθ)^k/k! for k from 0 to n − 1,  θ = litres through / line litres",
  source: "Stirred tanks in series (Levenspiel)",
  range:
    "n 3 for flow straight through, 1 for a looped return, until fitted. Looped, only what is burned flows through.",
  input: z.strictObject({
    litresPerMinute: flow("Through the line"),
    lineLitres,
    tanksInSeries,
    minutes: minutes("Minutes of purge"),
    cleanShare: input("Clean is", "share", 1e-4, 0.5).default(0.02),
  }),
  output: z.strictObject({
    residual: figure("Old fuel left at the pump", "share"),
    minutesTo2Pct: figure("Minutes to 2 %", "min"),
    minutesToClean: figure("Minutes to clean", "min"),
    litres: figure("Through the line so far", "L"),
  }),
  example: { litresPerMinute: 0.12, lineLitres: 0.4, tanksInSeries: 1, minutes: 8 },
  answer: "residual",
  heavy: false,
  run: (i) => ({
    residual: purgeResidual(i, i.minutes),
    minutesTo2Pct: minutesToResidual(i, 0.02),
    minutesToClean: minutesToResidual(i, i.cleanShare),
    litres: i.litresPerMinute * i.minutes,
  }),
});
