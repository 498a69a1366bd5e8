import { returnedLitres } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure } from "../fields";
import { flow, lineLitres, minutes, tanksInSeries } from "./line";

export const returnContamination = calculation({
  name: "return-contamination",
  room: "driving",
  title: "Oil that the return brings into the diesel tank",
  equation: "∫(pump − burn)·old share(θ(t)) dt,  θ = (q before·min(t, s) + pump·max(0, t − s)) / line",
  source: "Stirred tanks in series, integrated in closed form",
  range: "Return opened at minute s, shut at e. The pump brings more than is burned.",
  input: z.strictObject({
    beforeLitresPerMinute: flow("Through the line before"),
    pumpLitresPerMinute: flow("Pump"),
    burnLitresPerMinute: flow("Burned"),
    lineLitres,
    tanksInSeries,
    fromMinute: minutes("Return opened at"),
    toMinute: minutes("Until"),
  }),
  output: z.strictObject({ litres: figure("Old fuel into that tank", "L") }),
  example: {
    beforeLitresPerMinute: 0.12,
    pumpLitresPerMinute: 1.4,
    burnLitresPerMinute: 0.12,
    lineLitres: 0.4,
    tanksInSeries: 1,
    fromMinute: 3,
    toMinute: 10,
  },
  answer: "litres",
  heavy: false,
  run: (i) => ({ litres: returnedLitres(i) }),
});
