import { exchangerSize as sizeOf } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, own } from "../fields";

export const exchangerSize = calculation({
  name: "exchanger-size",
  room: "driving",
  title: "How big a plate exchanger",
  equation: "UA = −ṁ·cp·ln(1 − ε),  ε = (out − in)/(coolant − in)",
  source: "One stream of constant temperature; cp 2000 J/kg/K, mass from ρ15",
  range: "Coolant in plenty against the fuel, which never quite reaches it.",
  input: z.strictObject({
    fluid: fluid("Fuel"),
    litresPerHour: input("Fuel flow", "L/h", 0.01, 1e4),
    inCelsius: input("Fuel in", "°C", -60, 150),
    outCelsius: input("Fuel out", "°C", -60, 150),
    coolantCelsius: input("Coolant", "°C", -60, 150),
    own,
  }),
  output: z.strictObject({
    uaWPerK: figure("UA wanted", "W/K"),
    effectiveness: figure("Of the way to the coolant", "share"),
  }),
  example: { fluid: "canola", litresPerHour: 60, inCelsius: 5, outCelsius: 72, coolantCelsius: 85 },
  answer: "uaWPerK",
  heavy: false,
  run: (i) => sizeOf(i.inCelsius, i.outCelsius, i.coolantCelsius, i.litresPerHour, fluidFrom(i, i.fluid).rho15KgPerL),
});
