import { exchangerOutCelsius } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, own } from "../fields";

export const exchanger = calculation({
  name: "exchanger",
  room: "driving",
  title: "Fuel out of the plate exchanger",
  equation: "out = in + (1 − e^(−UA/(ṁ·cp)))·(coolant − in)",
  source: "One stream of constant temperature; cp 2000 J/kg/K, mass from ρ15",
  range: "Coolant in plenty against the fuel.",
  input: z.strictObject({
    inCelsius: input("Fuel in", "°C", -60, 150),
    coolantCelsius: input("Coolant", "°C", -60, 150),
    uaWPerK: input("UA of the exchanger", "W/K", 0.1, 1e5),
    litresPerHour: input("Fuel flow", "L/h", 0.01, 1e4),
    fluid: fluid("Fuel"),
    own,
  }),
  output: z.strictObject({ outCelsius: figure("Fuel out", "°C") }),
  example: { inCelsius: 8, coolantCelsius: 82, uaWPerK: 60, litresPerHour: 80, fluid: "canola" },
  answer: "outCelsius",
  heavy: false,
  run: (i) => ({
    outCelsius: exchangerOutCelsius(
      i.inCelsius,
      i.coolantCelsius,
      i.uaWPerK,
      i.litresPerHour,
      fluidFrom(i, i.fluid).rho15KgPerL,
    ),
  }),
});
