import { cutSizeUm } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidsOf, input, own, usedFactor } from "../fields";
import { particleKgPerM3 } from "./dirt";
import { inOil } from "./rising";

export const areaM2 = input("Smallest area above the sludge", "m²", 1e-4, 100);
export const litresPerHour = (title: string) => input(title, "L/h", 1e-4, 1e5);

export const upflow = calculation({
  name: "upflow",
  room: "settling",
  title: "Displacement settler: what it holds at a rate",
  equation: "d = √(18·μ·(Q/A) / (Δρ·g))",
  source: "Hazen 1904 with Stokes' velocity",
  range: "−40 to 150 °C, dirt heavier than the oil. A feed over 1 to 2 K warmer than the body short-circuits.",
  input: z.strictObject({
    litresPerHour: litresPerHour("Feed"),
    areaM2,
    particleKgPerM3,
    fluid: fluid("Oil"),
    celsius: celsius("Temperature"),
    usedFactor,
    own,
  }),
  output: z.strictObject({ cutUm: figure("Holds grains from", "µm") }),
  example: { litresPerHour: 2, areaM2: 0.25, particleKgPerM3: 1100, fluid: "canola", celsius: 15, usedFactor: 1.15 },
  answer: "cutUm",
  heavy: false,
  run: (i) => ({ cutUm: cutSizeUm(i.litresPerHour, i.areaM2, inOil(fluidsOf(i), i)) }),
});
