import { dryingKWh } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, litres, maybe, own } from "../fields";

export const drying = calculation({
  name: "drying",
  room: "kettle",
  title: "Warming and drying oil",
  equation: "kWh = (m·cp·ΔT/3.6·10⁶ + water·2257/3600) / efficiency;  hours = kWh / heater kW",
  source: "Heat balance; cp of oil 2000 J/kg/K, water's heat of evaporation 2257 kJ/kg",
  range: "Warming, not cooling. Hot oil and water boil over: never fill past two thirds.",
  input: z
    .strictObject({
      oilLitres: litres("Oil"),
      fluid: fluid("Oil is"),
      fromCelsius: input("From", "°C", -40, 150),
      toCelsius: input("To", "°C", -40, 150),
      waterKg: input("Water to drive off", "kg", 0, 1e5),
      efficiency: input("Efficiency", "share", 0.01, 1),
      heaterKW: input("Heater", "kW", 0.01, 1000).optional(),
      own,
    })
    .refine((i) => i.toCelsius >= i.fromCelsius, { path: ["toCelsius"], error: "must not be below the start" }),
  output: z.strictObject({ kWh: figure("Energy", "kWh"), hours: maybe("With that heater", "h") }),
  example: {
    oilLitres: 80,
    fluid: "canola",
    fromCelsius: 15,
    toCelsius: 110,
    waterKg: 0.8,
    efficiency: 0.8,
    heaterKW: 2,
  },
  answer: "kWh",
  heavy: false,
  run(i) {
    const kg = i.oilLitres * fluidFrom(i, i.fluid).rho15KgPerL;
    const kWh = dryingKWh(kg, i.fromCelsius, i.toCelsius, i.waterKg, i.efficiency);
    return { kWh, hours: i.heaterKW === undefined ? null : kWh / i.heaterKW };
  },
});
