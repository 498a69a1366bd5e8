import { liquidOf } from "../../blending";
import { DIRT, FallCourse, fitSizeMultiplier } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, input, maybe, own, readings, share, temperatures, trust, whole } from "../fields";
import { mixOf, parts } from "../mixes";
import { dirtClass } from "./dirt";
import { heaterOn } from "./heater";

const at = { dirt: dirtClass, hours: input("Hours it had stood", "h", 0, 100_000) };
const depth = (title: string) => input(title, "mm", 0, 20_000);

const reading = z.union([
  z.strictObject({ ...at, clearToMm: depth("Clear down to, below the surface") }),
  z.strictObject({ ...at, hanging: share("Still hanging, 0 clear to 1"), depthMm: depth("Above this depth") }),
]);

export const settleFit = calculation({
  name: "settle-fit",
  room: "settling",
  title: "Grain size from your own dips",
  equation: "fall read = m²·fall forecast, m² by least squares through nought",
  source: "Stokes 1851: a grain m times as wide falls m² as far",
  range: "Readings of a moving front; a jar quite clear or quite full says nothing of size and is left out.",
  input: z.strictObject({
    readings: z.array(reading).min(1).max(500).meta({ title: "Readings" }),
    parts: parts.meta({ title: "Oil" }),
    temperatures,
    heaterOn,
    own,
  }),
  output: z.strictObject({
    sizeMultiplier: figure("Grains, times as wide", "1"),
    spread: maybe("One standard error", "1"),
    readings,
    leftOut: whole("Left out", "1", 0, 500),
    trust,
  }),
  example: {
    readings: DIRT["light-fryer"].slice(2).flatMap(({ name, diameterUm, density }) => [
      { dirt: { name, diameterUm, density }, hours: 120, clearToMm: 130 },
      { dirt: { name, diameterUm, density }, hours: 240, clearToMm: 250 },
      { dirt: { name, diameterUm, density }, hours: 360, hanging: 0.4, depthMm: 640 },
    ]),
    parts: [{ fluid: "canola", litres: 180, usedFactor: 1.15 }],
    temperatures: [[0, 12]],
  },
  answer: "sizeMultiplier",
  heavy: true,
  run(i) {
    const course = new FallCourse(liquidOf(mixOf(i.parts, fluidsOf(i))), i.temperatures, i.heaterOn);
    const { value, spread, readings: told, leftOut, trust: word } = fitSizeMultiplier(course, i.readings);
    return { sizeMultiplier: value, spread, readings: told, leftOut, trust: word };
  },
});
