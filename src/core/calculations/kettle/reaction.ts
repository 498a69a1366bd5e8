import { reactionCourse } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, own, share } from "../fields";

const minute = (title: string) => input(title, "min", 0, 1440);
const shares = (title: string) => z.array(figure(title, "share")).meta({ title });

const second = z.strictObject({
  atMinute: minute("Stopped at"),
  molarRatio: input("Fresh methanol, moles a mole of oil", "1", 0, 30),
  glycerolShare: share("Glycerol drained").default(1),
  methanolShare: share("Methanol gone with it").default(0.5),
});

export const reaction = calculation({
  name: "reaction",
  room: "kettle",
  title: "How far a batch has come",
  equation:
    "TG ⇌ DG ⇌ MG ⇌ GL, each with methanol and ester;  k = k₅₀·e^(−Ea/R·(1/T − 1/323.15));  conversion = ester / (3·TG₀)",
  source: "Noureddini & Zhu 1997",
  range:
    "20 to 75 °C (measured 30 to 70 °C, 0.2 % NaOH, strong mixing). One phase: real kettles end higher because glycerol drops out. Knows nothing of base dose, water or soap: for comparing recipes and times.",
  input: z.strictObject({
    oil: fluid("Oil"),
    celsius: input("Temperature", "°C", 20, 75),
    molarRatio: input("Methanol, moles a mole of oil", "1", 0.1, 30),
    minutes: z.array(minute("Minute")).min(1).max(500).meta({ title: "At these minutes, rising" }),
    second: second.nullable().default(null).meta({ title: "Second step" }),
    own,
  }),
  output: z.strictObject({
    conversion: shares("Turned to ester"),
    triglyceride: shares("Oil left"),
    diglyceride: shares("Diglyceride left"),
    monoglyceride: shares("Monoglyceride left"),
    methanol: z.array(figure("Methanol left, moles a mole of oil", "1")).meta({ title: "Methanol left" }),
    finalConversion: figure("Turned to ester at the end", "share"),
  }),
  example: { oil: "canola", celsius: 55, molarRatio: 6, minutes: [15, 30, 60, 90, 120] },
  answer: "finalConversion",
  heavy: true,
  run(i) {
    const course = reactionCourse({ ...i, oil: fluidFrom(i, i.oil) }, i.minutes);
    return {
      conversion: course.map((p) => p.conversion),
      triglyceride: course.map((p) => p.triglyceride),
      diglyceride: course.map((p) => p.diglyceride),
      monoglyceride: course.map((p) => p.monoglyceride),
      methanol: course.map((p) => p.methanol),
      finalConversion: course.at(-1)?.conversion ?? 0,
    };
  },
});
