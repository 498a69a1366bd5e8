import { coolantCelsius, minutesToCoolant, TYPICAL_RISE_K, TYPICAL_TAU_MINUTES } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe } from "../fields";

const air = (title: string) => input(title, "°C", -60, 60);

export const warmUp = calculation({
  name: "warm-up",
  room: "driving",
  title: "How warm the coolant is",
  equation: "T = min(thermostat, start + (ambient + rise − start)·(1 − e^(−t/τ)))",
  source: "First-order warm-up; rise and τ from your own trips",
  range: `Rise ${TYPICAL_RISE_K} K and τ ${TYPICAL_TAU_MINUTES} min until trips say better. A warm restart starts above the air.`,
  input: z.strictObject({
    ambientCelsius: air("Air"),
    startCelsius: input("Coolant at the start", "°C", -60, 130),
    riseK: input("Rise without thermostat", "K", 10, 400).default(TYPICAL_RISE_K),
    thermostatCelsius: input("Thermostat", "°C", 40, 130),
    tauMinutes: input("τ", "min", 0.2, 240).default(TYPICAL_TAU_MINUTES),
    minutes: input("Minutes since", "min", 0, 10_000),
    reachCelsius: input("Wanted", "°C", -60, 130).optional(),
  }),
  output: z.strictObject({
    coolantCelsius: figure("Coolant", "°C"),
    minutesToReach: maybe("Minutes to the wanted temperature", "min"),
  }),
  example: { ambientCelsius: 4, startCelsius: 4, thermostatCelsius: 88, minutes: 6, reachCelsius: 75 },
  answer: "coolantCelsius",
  heavy: false,
  run: (i) => ({
    coolantCelsius: coolantCelsius(i, i.minutes),
    minutesToReach: i.reachCelsius === undefined ? null : minutesToCoolant(i, i.reachCelsius),
  }),
});
