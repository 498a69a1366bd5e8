import { oilOf } from "../../fluids";
import { convectingShare, FallCourse } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, own, temperatures, usedFactor } from "../fields";
import { diameterUm, particleKgPerM3 } from "./dirt";

export const settleConvecting = calculation({
  name: "settle-convecting",
  room: "settling",
  title: "What still hangs while warm oil cools",
  equation: "hanging = e^(−∫v dt / h),  v = (ρp − ρf)·g·d² / 18μ",
  source: "Martin & Nokes 1988 with Stokes' v at each hour's temperature",
  range: "Oil that turns over as it cools: what comes to lie stays down, there is no clear front. −40 to 150 °C.",
  input: z.strictObject({
    diameterUm,
    particleKgPerM3,
    fluid: fluid("Oil"),
    heightMm: input("Depth of the oil", "mm", 1, 20_000),
    temperatures,
    hours: input("After", "h", 0, 100_000),
    usedFactor,
    own,
  }),
  output: z.strictObject({ hangingShare: figure("Still hangs", "share") }),
  example: {
    diameterUm: 20,
    particleKgPerM3: 1100,
    fluid: "canola",
    heightMm: 600,
    temperatures: [
      [0, 60],
      [24, 18],
    ],
    hours: 24,
    usedFactor: 1.15,
  },
  answer: "hangingShare",
  heavy: true,
  run(i) {
    const course = new FallCourse(oilOf(fluidFrom(i, i.fluid), i.usedFactor), i.temperatures, []);
    const density = { kind: "fixed" as const, kgPerM3: i.particleKgPerM3 };
    const dirt = { name: "dirt", diameterUm: i.diameterUm, density };
    return { hangingShare: convectingShare(course, dirt, i.heightMm, i.hours) };
  },
});
