import { fitTau, TYPICAL_RISE_K } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe, readings, trust } from "../fields";

const reading = z.strictObject({
  ambientCelsius: input("Air", "°C", -60, 60),
  startCelsius: input("Coolant at the start", "°C", -60, 130),
  minutes: input("Minutes since", "min", 0, 10_000),
  coolantCelsius: input("Coolant then", "°C", -60, 140),
});

export const warmUpFit = calculation({
  name: "warm-up-fit",
  room: "driving",
  title: "Your engine's τ from trips",
  equation: "τ by least squares of the warm-up curve on the gauge",
  source: "Levenberg & Marquardt on the first-order warm-up",
  range: "Readings before the thermostat opens; later ones are left out.",
  input: z.strictObject({
    readings: z.array(reading).min(1).max(500).meta({ title: "Looks at the gauge" }),
    riseK: input("Rise without thermostat", "K", 10, 400).default(TYPICAL_RISE_K),
    thermostatCelsius: input("Thermostat", "°C", 40, 130),
  }),
  output: z.strictObject({
    tauMinutes: figure("τ", "min"),
    spreadMinutes: maybe("One standard error", "min"),
    readings,
    trust,
  }),
  example: {
    readings: [
      { ambientCelsius: 4, startCelsius: 4, minutes: 3, coolantCelsius: 52 },
      { ambientCelsius: 8, startCelsius: 8, minutes: 5, coolantCelsius: 76 },
      { ambientCelsius: -2, startCelsius: -2, minutes: 4, coolantCelsius: 58 },
    ],
    thermostatCelsius: 88,
  },
  answer: "tauMinutes",
  heavy: true,
  run(i) {
    const tau = fitTau(i.readings, i.riseK, i.thermostatCelsius);
    return { tauMinutes: tau.value, spreadMinutes: tau.spread, readings: tau.readings, trust: tau.trust };
  },
});
