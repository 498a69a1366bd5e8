import { fitTanks, HEARD_SHARE } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { maybe, readings, trust, whole } from "../fields";
import { flow, lineLitres, minutes } from "./line";

export const purgeFit = calculation({
  name: "purge-fit",
  room: "driving",
  title: "How your line mixes, from trips",
  equation: "the whole n whose volumes to 2 % lie nearest to flow·minutes/line, in least squares",
  source: `Stirred tanks in series; diesel is heard again at about ${HEARD_SHARE * 100} % of oil`,
  range: "n from 1 (a looped return) to 30. A line slower than one stirred tank holds more than was said: refused.",
  input: z.strictObject({
    readings: z
      .array(
        z.strictObject({ litresPerMinute: flow("Through the line"), minutes: minutes("Ran on diesel again after") }),
      )
      .min(1)
      .max(500)
      .meta({ title: "Purges" }),
    lineLitres,
  }),
  output: z.strictObject({
    tanksInSeries: whole("Stirred tanks in series", "1", 1, 30),
    spread: maybe("One standard error", "1"),
    readings,
    trust,
  }),
  example: {
    readings: [
      { litresPerMinute: 1.4, minutes: 0.7 },
      { litresPerMinute: 1.4, minutes: 0.75 },
      { litresPerMinute: 1.4, minutes: 0.72 },
    ],
    lineLitres: 0.4,
  },
  answer: "tanksInSeries",
  heavy: false,
  run(i) {
    const n = fitTanks(i.readings, i.lineLitres);
    return { tanksInSeries: n.value, spread: n.spread, readings: n.readings, trust: n.trust };
  },
});
