import { MOST_TRIES, triedAcid } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, whole } from "../fields";
import { base, purity } from "./base";

export const titrationTries = calculation({
  name: "titration-tries",
  room: "kettle",
  title: "Free acid by several tries",
  equation: "mean of those within 3 usual deviations of the median, less the blank; then as the titration",
  source: "Outliers by the median absolute deviation (3 × 1.4826 × MAD, no less than 0.15 mL); acid as ISO 660",
  range: "One to five tries; of one or two none is called an outlier. Refuses more than pure fatty acid could take.",
  input: z.strictObject({
    tries: z
      .array(input("Try", "mL", 0, 1000))
      .min(1)
      .max(MOST_TRIES)
      .meta({ title: "Titrant used, each try" }),
    blankMl: input("Blank", "mL", 0, 1000).default(0),
    titrantGPerL: input("Base in the titrant", "g/L", 0.01, 100),
    base,
    oilMl: input("Oil", "mL", 0.1, 1000),
    oilKgPerL: input("Density of the oil", "kg/L", 0.7, 1.1).default(0.92),
    titrantPurity: purity("Purity of the base in the titrant").default(1),
  }),
  output: z.strictObject({
    ffaPct: figure("Free fatty acid", "%"),
    plusMinusPct: figure("Give or take, by the spread", "%"),
    acidMolPerL: figure("Free acid", "mol/L"),
    acidNumber: figure("Acid number", "mg KOH/g"),
    meanMl: figure("Mean of those that count", "mL"),
    spreadMl: figure("From the least to the most", "mL"),
    outliers: z.array(whole("Try", "1", 0, 4)).meta({ title: "Left out, counted from nought" }),
  }),
  example: { tries: [2.1, 2.2, 2.1, 3.6], blankMl: 0.1, titrantGPerL: 1, base: "KOH", oilMl: 1, titrantPurity: 0.9 },
  answer: "ffaPct",
  heavy: false,
  run: (i) => {
    const { ffaPct, plusMinusPct, acidMolPerL, acidNumber, meanMl, spreadMl, outliers } = triedAcid(
      i,
      i.tries,
      i.blankMl,
    );
    return { ffaPct, plusMinusPct, acidMolPerL, acidNumber, meanMl, spreadMl, outliers: [...outliers] };
  },
});
