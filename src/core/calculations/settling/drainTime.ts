import { kinematicViscosityMm2PerS } from "../../fluids";
import { drainSeconds, outflowLitresPerMinute, outletReynolds } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidFrom, input, litres, maybe, own, usedFactor } from "../fields";

export const drainTime = calculation({
  name: "drain-time",
  room: "settling",
  title: "How long a hole or hose takes to drain",
  equation: "h = 32·ν·L'·v/(g·d²) + 1.5·v²/(2g),  L' = L + 3π·d/16;  t = A/bore·(a·ln(v₀/v₁) + 2b·(v₀ − v₁))",
  source: "Hagen–Poiseuille with the end length of Dagan, Weinbaum & Pfeffer 1982; integrated in closed form",
  range: "Laminar flow, Reynolds number under about 2000. No answer for litres that do not stand above the outlet.",
  input: z.strictObject({
    diameterMm: input("Inside diameter", "mm", 0.5, 300),
    lengthMm: input("Length", "mm", 0, 50_000),
    headMm: input("Level above the outlet", "mm", 1, 20_000),
    areaM2: input("Plan area of the vessel", "m²", 1e-4, 100),
    litres: litres("Litres to drain"),
    fluid: fluid("Fluid"),
    celsius: celsius("Temperature"),
    usedFactor,
    own,
  }),
  output: z.strictObject({
    seconds: maybe("Seconds", "s"),
    litresPerMinuteAtFirst: figure("At first", "L/min"),
    reynolds: figure("Reynolds number at first", "1"),
  }),
  example: {
    diameterMm: 12,
    lengthMm: 800,
    headMm: 640,
    areaM2: 0.257,
    litres: 120,
    fluid: "canola",
    celsius: 12,
    usedFactor: 1.15,
  },
  answer: "seconds",
  heavy: false,
  run(i) {
    const nu = kinematicViscosityMm2PerS(fluidFrom(i, i.fluid), i.celsius, i.usedFactor);
    return {
      seconds: drainSeconds(i, i.litres, nu),
      litresPerMinuteAtFirst: outflowLitresPerMinute(i, nu),
      reynolds: outletReynolds(i, nu),
    };
  },
});
