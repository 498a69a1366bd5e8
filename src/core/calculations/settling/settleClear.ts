import { oilOf } from "../../fluids";
import { FallCourse, fallRateMmPerHour } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, maybe, own, temperatures, usedFactor } from "../fields";
import { diameterUm, particleKgPerM3 } from "./dirt";
import { heaterOn } from "./heater";

export const settleClear = calculation({
  name: "settle-clear",
  room: "settling",
  title: "How long dirt takes to fall so far",
  equation: "∫v dt = h,  v = (ρp − ρf)·g·d² / 18μ",
  source: "Stokes 1851; μ and ρ of the oil at each hour's temperature",
  range:
    "Grains so small that they fall slowly (Reynolds number under 0.3), −40 to 150 °C. No answer for what does not sink.",
  input: z.strictObject({
    diameterUm,
    particleKgPerM3,
    fluid: fluid("Oil"),
    fallMm: input("Fall", "mm", 0, 20_000),
    temperatures,
    heaterOn,
    usedFactor,
    own,
  }),
  output: z.strictObject({
    hours: maybe("Hours until it has fallen", "h"),
    mmPerDayAtFirst: figure("Falls at first, a day", "mm"),
  }),
  example: {
    diameterUm: 20,
    particleKgPerM3: 1100,
    fluid: "canola",
    fallMm: 600,
    temperatures: [
      [0, 11],
      [240, 14],
    ],
    usedFactor: 1.15,
  },
  answer: "hours",
  heavy: true,
  run(i) {
    const oil = oilOf(fluidFrom(i, i.fluid), i.usedFactor);
    const course = new FallCourse(oil, i.temperatures, i.heaterOn);
    const dirt = {
      name: "dirt",
      diameterUm: i.diameterUm,
      density: { kind: "fixed" as const, kgPerM3: i.particleKgPerM3 },
    };
    const [, celsiusAtFirst] = i.temperatures[0] ?? [0, Number.NaN];
    return {
      hours: course.hoursToFall(dirt, i.fallMm),
      mmPerDayAtFirst: fallRateMmPerHour(dirt, oil, celsiusAtFirst) * 24,
    };
  },
});
