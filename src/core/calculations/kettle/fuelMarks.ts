import { judgeMarks, MARKS } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe, whole, word } from "../fields";

const NAMES = ["waterPpm", "acidNumber", "nu40Mm2PerS", "rho15KgPerL", "dirtMgPerKg"] as const;
const bound = (title: string) => input(title, "as the mark", 0, 1e6);

const readings = {
  waterPpm: input("Water", "ppm", 0, 1e6).optional(),
  acidNumber: input("Acid number", "mg KOH/g", 0, 300).optional(),
  nu40Mm2PerS: input("Viscosity at 40 °C", "mm²/s", 0, 5000).optional(),
  rho15KgPerL: input("Density at 15 °C", "kg/L", 0.5, 1.5).optional(),
  dirtMgPerKg: input("Dirt", "mg/kg", 0, 1e6).optional(),
};

export const fuelMarks = calculation({
  name: "fuel-marks",
  room: "kettle",
  title: "A lot against the marks",
  equation: "within where min ≤ read ≤ max",
  source: "Starting marks from EN 14214 (ester) and DIN 51605 (straight oil); every one is yours to change",
  range: "What was not read is not tested, never passed. Bright is dry, not converted.",
  input: z.strictObject({
    kind: word("Meant as", ["ester", "straight-oil"]),
    ...readings,
    marks: z
      .array(z.strictObject({ name: z.enum(NAMES), min: bound("Least"), max: bound("Most") }))
      .max(20)
      .optional()
      .meta({ title: "Your own marks" }),
  }),
  output: z.strictObject({
    marks: z
      .array(
        z.strictObject({
          name: z.enum(NAMES),
          min: figure("Least", "as the mark"),
          max: figure("Most", "as the mark"),
          read: maybe("Read", "as the mark"),
          verdict: word("Verdict", ["within", "outside", "not-tested"]),
        }),
      )
      .meta({ title: "Each mark" }),
    outside: whole("Outside", "1", 0, 20),
    notTested: whole("Not tested", "1", 0, 20),
  }),
  example: { kind: "ester", waterPpm: 420, acidNumber: 0.7, nu40Mm2PerS: 4.6 },
  answer: "outside",
  heavy: false,
  run(i) {
    const marks = judgeMarks(i.marks ?? MARKS[i.kind], i);
    const count = (verdict: (typeof marks)[number]["verdict"]): number =>
      marks.filter((m) => m.verdict === verdict).length;
    return { marks, outside: count("outside"), notTested: count("not-tested") };
  },
});
