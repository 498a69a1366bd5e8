import { liquidOf } from "../../blending";
import { clarityAt, FallCourse, waitedFor } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, input, own, share, temperatures } from "../fields";
import { mixOf, parts } from "../mixes";
import { dirtClass } from "./dirt";
import { heaterOn } from "./heater";

const dirtShare = dirtClass.extend({ volumeShare: share("Share of the litres") });

export const settleClarity = calculation({
  name: "settle-clarity",
  room: "settling",
  title: "How clear the oil is at the suction",
  equation: "clear = 1 − Σ(φ/d)·max(0, 1 − ∫v dt/h) / Σ(φ/d)",
  source: "Stokes 1851 from a well-mixed start; light is stopped by the grains' cross-section, φ/d",
  range: "−40 to 150 °C (water to 100 °C). 0 as stirred, 1 clear; what a jar shows above that depth.",
  input: z.strictObject({
    classes: z.array(dirtShare).min(1).max(12).meta({ title: "Dirt" }),
    parts: parts.meta({ title: "Oil" }),
    depthMm: input("Suction below the surface", "mm", 1, 20_000),
    hours: input("Hours it has stood", "h", 0, 100_000),
    temperatures,
    heaterOn,
    sizeMultiplier: input("Grains, times as wide", "1", 0.05, 20).default(1),
    own,
  }),
  output: z.strictObject({ clarity: figure("Clear", "share") }),
  example: {
    classes: waitedFor("meaty-fryer", 16).map(({ name, diameterUm, density, volumeShare }) => ({
      name,
      diameterUm,
      density,
      volumeShare,
    })),
    parts: [{ fluid: "canola", litres: 180, usedFactor: 1.15 }],
    depthMm: 650,
    hours: 240,
    temperatures: [[0, 12]],
  },
  answer: "clarity",
  heavy: true,
  run(i) {
    const course = new FallCourse(liquidOf(mixOf(i.parts, fluidsOf(i))), i.temperatures, i.heaterOn);
    return { clarity: clarityAt(course, i.classes, i.sizeMultiplier, i.depthMm, i.hours) };
  },
});
