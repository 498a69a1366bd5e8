import { heaterRiseK } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, own } from "../fields";

export const heater = calculation({
  name: "heater",
  room: "driving",
  title: "What an electric heater adds",
  equation: "rise = P / (ṁ·cp)",
  source: "Heat balance; cp 2000 J/kg/K, mass from ρ15",
  range: "All of the heat in the fuel. At a trickle it boils: it needs a cut-out.",
  input: z.strictObject({
    watts: input("Heater", "W", 0, 1e5),
    litresPerHour: input("Fuel flow", "L/h", 0.01, 1e4),
    fluid: fluid("Fuel"),
    own,
  }),
  output: z.strictObject({ riseK: figure("Warmer by", "K") }),
  example: { watts: 150, litresPerHour: 12, fluid: "canola" },
  answer: "riseK",
  heavy: false,
  run: (i) => ({ riseK: heaterRiseK(i.watts, i.litresPerHour, fluidFrom(i, i.fluid).rho15KgPerL) }),
});
