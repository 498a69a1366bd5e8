import { suction as pulled } from "../../pumping";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";
import { drawn, drawnThrough } from "./hose";

export const suction = calculation({
  name: "suction",
  room: "pumping",
  title: "What a pump must pull",
  equation: "head = f·(L/d)·v²/2g + lift,  f = 64/Re below Re 2300, else 0.316/Re^0.25;  kPa = ρ·g·head",
  source: "Darcy and Weisbach with Blasius; viscosity and density of the blend at its temperature",
  range: "A smooth hose without fittings or strainer, −40 to 150 °C.",
  input: z.strictObject({ ...drawn, litresPerMinute: input("Flow as it passes", "L/min", 1e-4, 10_000) }),
  output: z.strictObject({
    kPa: figure("Suction", "kPa"),
    headM: figure("Head of the oil", "m"),
    reynolds: figure("Reynolds number", "1"),
  }),
  example: {
    parts: [{ fluid: "canola", litres: 60, usedFactor: 1.15 }],
    celsius: 2,
    boreMm: 10,
    lengthM: 3,
    liftM: 0.4,
    litresPerMinute: 1.5,
  },
  answer: "kPa",
  heavy: false,
  run(i) {
    const { liquid, hose } = drawnThrough(i);
    return pulled(liquid, i.celsius, hose, i.litresPerMinute);
  },
});
