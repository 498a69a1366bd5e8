import { calibrateCup, cupViscosity } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe, readings, trust } from "../fields";

const seconds = (title: string) => input(title, "s", 0.5, 36_000);

export const flowCup = calculation({
  name: "flow-cup",
  room: "fluids",
  title: "Your own flow cup",
  equation: "ν = C·t − B/t,  C and B by least squares over fluids of known ν",
  source: "The usual efflux-cup equation (ISO 2431, ASTM D1200)",
  range:
    "Between and a little beyond the times it was calibrated with, at one temperature. A reading overrules the table for that lot.",
  input: z.strictObject({
    calibration: z
      .array(z.tuple([input("Known viscosity", "mm²/s", 0.2, 5000), seconds("Seconds")]))
      .min(2)
      .max(100)
      .meta({ title: "Calibration, mm²/s and seconds" }),
    seconds: seconds("Seconds of the lot"),
  }),
  output: z.strictObject({
    slope: figure("C", "mm²/s²"),
    offset: figure("B", "mm²"),
    nuMm2PerS: figure("Kinematic viscosity", "mm²/s"),
    spreadMm2PerS: maybe("One standard error", "mm²/s"),
    insideCalibration: z.boolean().meta({ title: "Within the times calibrated" }),
    readings,
    trust,
  }),
  example: {
    calibration: [
      [4.04, 14.4],
      [12.63, 29.2],
      [62, 130],
    ],
    seconds: 49.7,
  },
  answer: "nuMm2PerS",
  heavy: false,
  run(i) {
    const cup = calibrateCup(i.calibration);
    const nu = cupViscosity(cup, i.seconds);
    return {
      slope: cup.slope,
      offset: cup.offset,
      nuMm2PerS: nu.value,
      spreadMm2PerS: nu.spread,
      insideCalibration: i.seconds >= cup.shortestSeconds && i.seconds <= cup.longestSeconds,
      readings: nu.readings,
      trust: nu.trust,
    };
  },
});
