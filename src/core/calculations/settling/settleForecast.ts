import { liquidOf } from "../../blending";
import { FallCourse, forecastSettling, waitedFor } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, input, maybe, own, temperatures } from "../fields";
import { mixOf, parts } from "../mixes";
import { dirtClasses } from "./dirt";
import { heaterOn } from "./heater";

const front = z.strictObject({
  name: z.string().meta({ title: "Dirt" }),
  floats: z.boolean().meta({ title: "Floats: skim it" }),
  clearedAboveMm: figure("Gone above", "mm"),
  hanging: figure("Still hanging above the line", "share"),
  clearHours: maybe("Below the line after", "h"),
});

export const settleForecast = calculation({
  name: "settle-forecast",
  room: "settling",
  title: "When a vessel is ready to draw",
  equation:
    "cleared to surface − ∫v dt;  still hanging above depth h: max(0, 1 − ∫v dt/h);  ready when the slowest class has fallen to the line",
  source: "Stokes 1851 from a well-mixed start; grain sizes times your own multiplier",
  range: "−40 to 150 °C (water to 100 °C). Without readings the grains may be a fifth smaller or larger than typical.",
  input: z.strictObject({
    classes: dirtClasses,
    parts: parts.meta({ title: "Oil" }),
    surfaceMm: input("Surface", "mm", 1, 20_000),
    stoodMm: input("Surface when it was stirred, if some was drawn off since", "mm", 1, 20_000).optional(),
    drawOffMm: input("Draw-off line", "mm", 0, 20_000),
    hours: input("Hours it has stood", "h", 0, 100_000),
    temperatures,
    heaterOn,
    sizeMultiplier: input("Grains, times as wide", "1", 0.05, 20).default(1),
    sizeSpread: input("One standard error of that", "1", 0, 20).nullable().default(null),
    own,
  }),
  output: z.strictObject({
    fronts: z.array(front).readonly().meta({ title: "Each class" }),
    readyHours: maybe("Ready after", "h"),
    earliestHours: maybe("At the earliest", "h"),
    latestHours: maybe("At the latest", "h"),
    slowest: z.string().meta({ title: "What it waits for" }),
  }),
  example: {
    classes: waitedFor("meaty-fryer", 16).map(({ name, diameterUm, density }) => ({ name, diameterUm, density })),
    parts: [{ fluid: "canola", litres: 180, usedFactor: 1.15 }],
    surfaceMm: 733,
    drawOffMm: 66,
    hours: 240,
    temperatures: [
      [0, 11],
      [240, 14],
    ],
  },
  answer: "readyHours",
  heavy: true,
  run: (i) =>
    forecastSettling({
      ...i,
      course: new FallCourse(liquidOf(mixOf(i.parts, fluidsOf(i))), i.temperatures, i.heaterOn),
      size: { value: i.sizeMultiplier, spread: i.sizeSpread },
    }),
});
