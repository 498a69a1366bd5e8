import { feedWarmth, litresPerHourForCut } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidsOf, input, own, usedFactor, word } from "../fields";
import { particleKgPerM3 } from "./dirt";
import { inOil } from "./rising";
import { areaM2 } from "./upflow";

export const upflowRate = calculation({
  name: "upflow-rate",
  room: "settling",
  title: "Displacement settler: how fast to trickle",
  equation: "Q = v(d)·A,  v = Δρ·g·d² / 18μ",
  source: "Hazen 1904 with Stokes' velocity",
  range: "−40 to 150 °C, dirt heavier than the oil. The warmth of the feed is judged where it is given.",
  input: z.strictObject({
    cutUm: input("Hold grains from", "µm", 0.5, 2000),
    areaM2,
    particleKgPerM3,
    fluid: fluid("Oil"),
    celsius: celsius("Temperature of the body"),
    feedCelsius: celsius("Temperature of the feed").optional(),
    usedFactor,
    own,
  }),
  output: z.strictObject({
    litresPerHour: figure("Feed", "L/h"),
    feed: word("The feed", ["steady", "may-short-circuit", "short-circuits"]),
  }),
  example: { cutUm: 20, areaM2: 0.25, particleKgPerM3: 1100, fluid: "canola", celsius: 15, usedFactor: 1.15 },
  answer: "litresPerHour",
  heavy: false,
  run: (i) => ({
    litresPerHour: litresPerHourForCut(i.cutUm, i.areaM2, inOil(fluidsOf(i), i)),
    feed: feedWarmth(i.feedCelsius ?? i.celsius, i.celsius),
  }),
});
