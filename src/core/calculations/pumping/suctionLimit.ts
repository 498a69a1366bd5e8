import { mostLitresPerMinute } from "../../pumping";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";
import { drawn, drawnThrough } from "./hose";

export const suctionLimit = calculation({
  name: "suction-limit",
  room: "pumping",
  title: "The most a pump draws through a hose",
  equation: "Q = π·d⁴·(limit − ρ·g·lift) / (128·μ·L)",
  source: "Hagen and Poiseuille: laminar friction only",
  range: "Reads high above Reynolds number 2300. 0 where the lift alone is more than the pump can pull.",
  input: z.strictObject({ ...drawn, limitKPa: input("The pump can pull", "kPa", 0.1, 101) }),
  output: z.strictObject({ litresPerMinute: figure("The most it draws", "L/min") }),
  example: {
    parts: [{ fluid: "canola", litres: 60, usedFactor: 1.15 }],
    celsius: 2,
    boreMm: 8,
    lengthM: 3,
    liftM: 0.4,
    limitKPa: 30,
  },
  answer: "litresPerMinute",
  heavy: false,
  run(i) {
    const { liquid, hose } = drawnThrough(i);
    return { litresPerMinute: mostLitresPerMinute(liquid, i.celsius, hose, i.limitKPa) };
  },
});
