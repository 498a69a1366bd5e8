import { gravitySeconds } from "../../filtration";
import { densityKgPerL, dynamicViscosityPaS } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidFrom, input, litres, own, usedFactor } from "../fields";
import { areaM2, cakePerM2, mediumPerM } from "./filter";

export const filterGravity = calculation({
  name: "filter-gravity",
  room: "filtration",
  title: "How long a bag takes by gravity",
  equation: "t = μ·a/(A·ρ·g)·((Rm + αc·a·H/A)·ln(H/h) − αc·a/A·(H − h)),  h = H − V/a",
  source: "Ruth 1935 with a falling head, integrated in closed form",
  range: "−40 to 150 °C; litres that stand above the bag.",
  input: z.strictObject({
    areaM2,
    fluid: fluid("Oil"),
    celsius: celsius("Temperature"),
    litres: litres("Litres"),
    headM: input("Level above the bag", "m", 0.01, 20),
    feedAreaM2: input("Plan area of the feed", "m²", 1e-3, 100),
    mediumPerM,
    cakePerM2,
    usedFactor,
    own,
  }),
  output: z.strictObject({ seconds: figure("Seconds", "s") }),
  example: {
    areaM2: 0.4,
    fluid: "canola",
    celsius: 15,
    litres: 60,
    headM: 1.2,
    feedAreaM2: 0.25,
    mediumPerM: 1e10,
    cakePerM2: 3e11,
    usedFactor: 1.15,
  },
  answer: "seconds",
  heavy: false,
  run(i) {
    const oil = fluidFrom(i, i.fluid);
    const viscosityPaS = dynamicViscosityPaS(oil, i.celsius, i.usedFactor);
    const kgPerM3 = densityKgPerL(oil, i.celsius) * 1000;
    return { seconds: gravitySeconds(i, viscosityPaS, kgPerM3, i.litres) };
  },
});
