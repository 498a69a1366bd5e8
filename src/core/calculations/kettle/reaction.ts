import { reactionCourse } from "../../kettle";
import { Refused } from "../../numerics";
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

/** A usual base stage: a fifth of methanol by volume is about 5 moles; 6 is the textbook's. */
const REFERENCE_RECIPE = { celsius: 55, molarRatio: 6, minutes: 90 };

export const reaction = calculation({
  name: "reaction",
  room: "kettle",
  title: "How far a recipe goes, against another",
  equation:
    "TG ⇌ DG ⇌ MG ⇌ GL, each with methanol and ester;  k = k₅₀·e^(−Ea/R·(1/T − 1/323.15));  index = ester of this recipe / ester of the other",
  source: "Noureddini & Zhu 1997",
  range:
    "20 to 75 °C (measured 30 to 70 °C, 0.2 % NaOH, strong mixing). One phase: real kettles end higher because glycerol drops out. Knows nothing of base dose, water or soap: an index to compare recipes and times by, never a yield.",
  input: z.strictObject({
    oil: fluid("Oil"),
    celsius: input("Temperature", "°C", 20, 75),
    molarRatio: input("Methanol, moles a mole of oil", "1", 0.1, 30),
    minutes: z.array(minute("Minute")).min(1).max(500).meta({ title: "At these minutes, rising" }),
    logged: z
      .array(z.tuple([minute("Minute"), input("Read", "°C", 0, 90)]))
      .max(100)
      .refine((points) => points.every(([m], i) => i === 0 || m > (points[i - 1]?.[0] ?? 0)), "minutes must rise")
      .optional()
      .meta({ title: "The thermometer, as it was read" }),
    second: second.nullable().default(null).meta({ title: "Second step" }),
    against: z
      .strictObject({
        celsius: input("Temperature of it", "°C", 20, 75),
        molarRatio: input("Methanol of it, moles a mole of oil", "1", 0.1, 30),
        minutes: input("Minutes of it", "min", 1, 1440),
      })
      .default(REFERENCE_RECIPE)
      .meta({ title: "Against a recipe of yours, or the reference one" }),
    own,
  }),
  output: z.strictObject({
    finalIndex: figure("At the end, times as far as the other recipe", "1"),
    index: z.array(figure("Times as far as the other recipe", "1")).meta({ title: "At each minute" }),
    conversion: shares("Ester of the one-phase model, no yield"),
    triglyceride: shares("Oil left in the model"),
    diglyceride: shares("Diglyceride left in the model"),
    monoglyceride: shares("Monoglyceride left in the model"),
    methanol: z.array(figure("Methanol left, moles a mole of oil", "1")).meta({ title: "Methanol left in the model" }),
    finalConversion: figure("Ester of the model at the end, no yield", "share"),
  }),
  example: { oil: "canola", celsius: 55, molarRatio: 6, minutes: [15, 30, 60, 90, 120] },
  answer: "finalIndex",
  heavy: true,
  run(i) {
    const oil = fluidFrom(i, i.oil);
    const course = reactionCourse({ ...i, oil }, i.minutes);
    const other = reactionCourse({ ...i.against, oil, second: null }, [i.against.minutes]).at(-1)?.conversion ?? 0;
    if (!(other > 0)) throw new Refused("against", "makes no ester to compare with");
    const finalConversion = course.at(-1)?.conversion ?? 0;
    return {
      finalIndex: finalConversion / other,
      index: course.map((p) => p.conversion / other),
      conversion: course.map((p) => p.conversion),
      triglyceride: course.map((p) => p.triglyceride),
      diglyceride: course.map((p) => p.diglyceride),
      monoglyceride: course.map((p) => p.monoglyceride),
      methanol: course.map((p) => p.methanol),
      finalConversion,
    };
  },
});
