import {
  type DirtLoad,
  loadsOfClasses,
  logNormalLoads,
  runCascade,
  TYPICAL_CAKE_M_PER_KG,
  typicalBag,
} from "../../filtration";
import { DIRT_KIND_IDS, type Liquid, oilOf } from "../../fluids";
import { DIRT, dirtKgPerM3 } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidFrom, input, litres, maybe, own, share, usedFactor, word } from "../fields";
import { areaM2, mediumPerM, pressurePa, ratingUm } from "./filter";

const grams = input("Dirt in a litre", "g/L", 1e-6, 500);

const dirt = z.union([
  z.strictObject({
    medianUm: input("Median grain by mass", "µm", 0.1, 2000),
    spread: input("Geometric spread", "1", 1.05, 10),
    gramsPerLitre: grams,
  }),
  z
    .array(z.strictObject({ diameterUm: input("Grain size", "µm", 0.01, 5000), gramsPerLitre: grams }))
    .min(1)
    .max(50),
  z.strictObject({
    from: word("Oil from", DIRT_KIND_IDS),
    hangingShare: share("Still hanging after it stood"),
  }),
]);

const SHARES = 25;

const stage = z.strictObject({
  ratingUm: figure("Rating", "µm"),
  caughtG: figure("Caught", "g"),
  passedG: figure("Let pass", "g"),
  minutes: figure("By itself", "min"),
  pressureDropPa: figure("Pressure drop in line", "Pa"),
  litresUntilSlow: maybe("Litres until slow", "L"),
});

export const cascade = calculation({
  name: "cascade",
  room: "filtration",
  title: "A line of bags: what each catches, which is slow first",
  equation:
    "caught of size d by a bag of m: 1 − 2^(−(d/m)²);  αc of each from the grams it caught;  in line t = μ/ΔP·(ΣRm/A·V + Σαc/A²·V²/2)",
  source: "Nominal rating holds half of its own size; Ruth 1935 for each bag",
  range: "Typical resistances by rating where none are given: order of magnitude, one timed run replaces them.",
  input: z.strictObject({
    dirt: dirt.meta({ title: "Dirt: log-normal, by grain, or by where the oil is from" }),
    bags: z
      .array(z.strictObject({ ratingUm, areaM2, mediumPerM: mediumPerM.optional() }))
      .min(1)
      .max(10)
      .meta({ title: "Bags in order" }),
    litres: litres("Litres"),
    fluid: fluid("Oil"),
    celsius: celsius("Temperature"),
    pressurePa,
    cakeMPerKg: input("Specific cake resistance", "m/kg", 1e6, 1e16).default(TYPICAL_CAKE_M_PER_KG),
    patienceLitresPerHour: input("Slow is under", "L/h", 0.01, 1e5).default(5),
    usedFactor,
    own,
  }),
  output: z.strictObject({
    stages: z.array(stage).readonly().meta({ title: "Each bag" }),
    minutesInLine: figure("All in one line", "min"),
    slowFirst: maybe("Slow first, bag number", "1"),
    leftG: figure("Dirt left in the oil", "g"),
  }),
  example: {
    dirt: { medianUm: 25, spread: 2.2, gramsPerLitre: 0.6 },
    bags: [
      { ratingUm: 100, areaM2: 0.25 },
      { ratingUm: 25, areaM2: 0.4 },
      { ratingUm: 5, areaM2: 0.4 },
    ],
    litres: 100,
    fluid: "canola",
    celsius: 35,
    pressurePa: 30_000,
    usedFactor: 1.15,
  },
  answer: "minutesInLine",
  heavy: false,
  run(i) {
    const oil = oilOf(fluidFrom(i, i.fluid), i.usedFactor);
    const loads = loadsOf(i.dirt, oil, i.celsius);
    const { stages, minutesInLine, chokesFirst, leftG } = runCascade({
      ...i,
      loads,
      bags: i.bags.map((b) => ({ ...b, mediumPerM: b.mediumPerM ?? typicalBag(b.ratingUm).mediumPerM })),
      viscosityPaS: oil.viscosityPaS(i.celsius),
    });
    return { stages, minutesInLine, slowFirst: chokesFirst === null ? null : chokesFirst + 1, leftG };
  },
});

/** Grams a litre by grain size, however the dirt was told. Water runs through a bag: it is drained, not filtered. */
function loadsOf(told: z.output<typeof dirt>, oil: Liquid, atCelsius: number): readonly DirtLoad[] {
  if (Array.isArray(told)) return told;
  if ("medianUm" in told) return logNormalLoads(told.medianUm, told.spread, told.gramsPerLitre, SHARES);
  const solid = DIRT[told.from].filter((d) => d.density.kind !== "water");
  const classes = solid.map((d) => ({ ...d, kgPerM3: dirtKgPerM3(d.density, oil, atCelsius) }));
  return loadsOfClasses(classes, told.hangingShare);
}
