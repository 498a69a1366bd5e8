import { type CalculationName, calculate, type InputOf, type OutputOf } from "@/core/calculations";
import { minutesThrough, typicalBag, typicalRunFit } from "@/core/filtration";
import { FLUIDS, oilOf } from "@/core/fluids";
import { coolingClear, DIRT, FallCourse, hoursUntilStill, scaled } from "@/core/settling";

/** A rule of thumb of the craft, and what the core answers to the same question. */
export interface Row {
  readonly question: string;
  readonly craft: string;
  /** Where a figure can be held against the rule: its bounds. */
  readonly within: readonly [least: number, most: number];
  readonly answer: number;
  readonly unit: string;
  readonly digits: number;
  /** Why the two part, or what the agreement rests on. */
  readonly why: string;
}

export interface Chapter {
  readonly title: string;
  readonly rows: readonly Row[];
}

function ask<N extends CalculationName>(name: N, input: InputOf<N>): OutputOf<N> {
  const answer = calculate(name, input);
  if (!answer.ok) throw new Error(`${name}: ${JSON.stringify(answer.error)}`);
  return answer.value;
}

const USED = 1.15;
const oil = oilOf(FLUIDS.canola, USED);

const daysToFall = (fallMm: number, celsius: number, diameterUm = 16): number =>
  (ask("settle-clear", {
    diameterUm,
    particleKgPerM3: 1100,
    fluid: "canola",
    fallMm,
    temperatures: [[0, celsius]],
    usedFactor: USED,
  }).hours ?? Number.NaN) / 24;

const settlingRow = (
  vessel: string,
  craft: string,
  within: readonly [number, number],
  fallMm: number,
  celsius: number,
  why: string,
): Row => ({
  question: `${vessel}, ${celsius} °C`,
  craft,
  within,
  answer: daysToFall(fallMm, celsius),
  unit: "days",
  digits: 0,
  why,
});

/** Hours until next to none of a class hangs in 600 mm of oil at 60 °C: held there, or left to cool in a lagged kettle. */
function warmHours(name: string, coolingHours: number | null): number {
  const dirt = DIRT["light-fryer"].find((d) => d.name === name);
  if (!dirt) throw new Error(name);
  const [hot, shed, depthMm] = [60, 12, 600];
  const still = coolingHours === null ? 1e6 : hoursUntilStill(hot - shed, coolingHours);
  const temperatures = Array.from({ length: coolingHours === null ? 1 : 400 }, (_, h): [number, number] => [
    h,
    coolingHours === null ? hot : shed + (hot - shed) * Math.exp(-h / coolingHours),
  ]);
  return coolingClear(new FallCourse(oil, temperatures, []), scaled(dirt, 1), depthMm, still).clearHours ?? Number.NaN;
}

const settling: Chapter = {
  title: "Days until fines of 16 µm are gone, typical grains",
  rows: [
    settlingRow(
      "A pail, 300 mm of oil",
      "weeks",
      [10, 35],
      280,
      12,
      "a shallow pail clears in less than half of a drum's time: height counts, not litres",
    ),
    settlingRow("A carton, 350 mm", "weeks", [10, 40], 330, 12, "as a pail"),
    settlingRow("A drum, 700 mm", "months", [30, 100], 640, 12, "one to three months in a cool shed"),
    settlingRow("A drum, 700 mm", "faster when warm", [12, 45], 640, 25, "warm oil is thin: half the time of 12 °C"),
    settlingRow("A drum, 700 mm", "slower when cold", [45, 140], 640, 2, "nearly twice as long as at 12 °C"),
  ],
};

const WATER = "water drops 60 µm";
const FINES = "fines 16 µm";
const LAGGED_HOURS = 20;

const warming: Chapter = {
  title: "Warmed to 60 °C, 600 mm of oil, all stirred at first",
  rows: [
    {
      question: "Water, held there",
      craft: "gone in a day or two",
      within: [18, 60],
      answer: warmHours(WATER, null),
      unit: "h",
      digits: 0,
      why: "drops fall some centimetres an hour while it is thin; gone is all but a twentieth",
    },
    {
      question: "Water, heated once and left in a lagged kettle",
      craft: "gone in a day or two",
      within: [18, 60],
      answer: warmHours(WATER, LAGGED_HOURS),
      unit: "h",
      digits: 0,
      why: "most of it goes in the first day; once it is cold the last of it takes as long as in any drum",
    },
    {
      question: "Fines of 16 µm, held there",
      craft: "a day of heat does weeks of settling",
      within: [24, 400],
      answer: warmHours(FINES, null),
      unit: "h",
      digits: 0,
      why: "a third of the time of a cold drum, for as long as it is kept hot",
    },
    {
      question: "Fines of 16 µm, heated once and left in a lagged kettle",
      craft: "a day of heat does weeks of settling",
      within: [24, 400],
      answer: warmHours(FINES, LAGGED_HOURS),
      unit: "h",
      digits: 0,
      why: "oil that cools goes round, and of what hangs e^(−∫v dt/h) stays up: once is for water, not for fines",
    },
  ],
};

const bagMinutes = (ratingUm: number, celsius: number, areaM2: number): number =>
  minutesThrough(typicalRunFit(ratingUm, areaM2), 60, 0, oil.viscosityPaS(celsius));

const bags: Chapter = {
  title: "Bags",
  rows: [
    {
      question: "60 L of settled, warm oil (45 °C) through 1 µm by gravity, 0.5 m²",
      craft: "about an hour",
      within: [40, 100],
      answer: bagMinutes(1, 45, 0.5),
      unit: "min",
      digits: 0,
      why: "Rm and αc of settled oil, by rating",
    },
    {
      question: "The same on a cold day, 8 °C",
      craft: "half a day",
      within: [180, 720],
      answer: bagMinutes(1, 8, 0.5),
      unit: "min",
      digits: 0,
      why: "five times as thick",
    },
    {
      question: "Life of a 5 µm bag, settled oil, 40 °C, 20 kPa, 0.4 m², until 10 L/h",
      craft: "hundreds of litres and more",
      within: [200, 5000],
      answer: ask("bag-life", {
        areaM2: 0.4,
        pressurePa: 20_000,
        fluid: "canola",
        celsius: 40,
        ratingUm: 5,
        leastLitresPerHour: 10,
        usedFactor: USED,
      }).litres,
      unit: "L",
      digits: 0,
      why: "an order of magnitude until a run is timed",
    },
    {
      question: "The same with oil that was not left to settle",
      craft: "clogs several times faster",
      within: [10, 500],
      answer: ask("bag-life", {
        areaM2: 0.4,
        pressurePa: 20_000,
        fluid: "canola",
        celsius: 40,
        ratingUm: 5,
        ...typicalBag(5, false),
        leastLitresPerHour: 10,
        usedFactor: USED,
      }).litres,
      unit: "L",
      digits: 0,
      why: "its cake is fifteen times as tight",
    },
  ],
};

const thinner = (name: "diesel" | "kerosene" | "petrol", celsius: number): number =>
  100 *
  (ask("thinner", { oil: "canola", thinner: name, celsius, limitMm2PerS: 15, usedFactor: USED }).share ?? Number.NaN);

const blends: Chapter = {
  title: "Thin enough: 15 mm²/s at the pump, fried canola",
  rows: [
    {
      question: "Diesel in it, summer night 15 °C",
      craft: "half to three quarters",
      within: [45, 75],
      answer: thinner("diesel", 15),
      unit: "%",
      digits: 0,
      why: "at the low end",
    },
    {
      question: "Diesel in it, winter night −5 °C",
      craft: "much more",
      within: [60, 95],
      answer: thinner("diesel", -5),
      unit: "%",
      digits: 0,
      why: "wax of summer diesel fails before thickness does: say winter diesel's figures",
    },
    {
      question: "Kerosene in it, 15 °C",
      craft: "a tenth to a half by season",
      within: [10, 50],
      answer: thinner("kerosene", 15),
      unit: "%",
      digits: 0,
      why: "agrees",
    },
    {
      question: "Kerosene in it, −5 °C",
      craft: "a tenth to a half by season",
      within: [10, 55],
      answer: thinner("kerosene", -5),
      unit: "%",
      digits: 0,
      why: "the upper end of the rule is a winter's night",
    },
    {
      question: "Petrol in it, 15 °C",
      craft: "about a fifth",
      within: [15, 27],
      answer: thinner("petrol", 15),
      unit: "%",
      digits: 0,
      why: "agrees; outside the vehicle only, and left to stand",
    },
    {
      question: "Straight, heated to",
      craft: "70 °C at the least, better 80 to 90",
      within: [68, 90],
      answer: ask("heat", { fluid: "canola", limitMm2PerS: 15, usedFactor: USED }).celsius ?? Number.NaN,
      unit: "°C",
      digits: 0,
      why: "fresh oil meets it at 70 °C; fried oil is thicker",
    },
    {
      question: "5 % fryer fat, 45 % canola, 50 % diesel: fat falls out below",
      craft: "sets in a cool room, gels tanks",
      within: [8, 30],
      answer:
        ask("cold-margin", {
          parts: [
            { fluid: "canola", litres: 45, usedFactor: USED },
            { fluid: "fryer-fat", litres: 5 },
            { fluid: "diesel", litres: 50 },
          ],
          lowCelsius: 0,
          pumpLimitMm2PerS: 15,
        }).fatStandingCelsius ?? Number.NaN,
      unit: "°C",
      digits: 0,
      why: "on standing, by the hard part of the fat; a cold jar overrules it",
    },
  ],
};

const drive: Chapter = {
  title: "On the road",
  rows: [
    {
      question: "Coolant at 75 °C, start at 0 °C",
      craft: "ten to fifteen minutes of road",
      within: [8, 16],
      answer:
        ask("warm-up", { ambientCelsius: 0, startCelsius: 0, thermostatCelsius: 88, minutes: 5, reachCelsius: 75 })
          .minutesToReach ?? Number.NaN,
      unit: "min",
      digits: 0,
      why: "τ of 12 min until trips say better",
    },
    {
      question: "Purge to 2 %, flow straight through, 0.4 L line",
      craft: "under a minute",
      within: [0.2, 1],
      answer: ask("purge", { lineLitres: 0.4, litresPerMinute: 1.4, tanksInSeries: 3, minutes: 1 }).minutesTo2Pct,
      unit: "min",
      digits: 1,
      why: "agrees",
    },
    {
      question: "Purge to 2 %, looped return, 0.4 L line",
      craft: "minutes",
      within: [3, 20],
      answer: ask("purge", { lineLitres: 0.4, litresPerMinute: 0.12, tanksInSeries: 1, minutes: 8 }).minutesTo2Pct,
      unit: "min",
      digits: 0,
      why: "only what is burned flows through, and it mixes as it goes round",
    },
    {
      question: "Looped, to a fifth of oil",
      craft: "a few minutes on a mild night",
      within: [2, 8],
      answer: ask("purge", { lineLitres: 0.4, litresPerMinute: 0.12, tanksInSeries: 1, minutes: 8, cleanShare: 0.2 })
        .minutesToClean,
      unit: "min",
      digits: 0,
      why: "tonight's low says how much may stay, 2 to 30 %, in place of a fixed 2 %",
    },
  ],
};

const kettle: Chapter = {
  title: "Doses",
  rows: [
    {
      question: "Methanol that the reaction itself takes up, of the oil",
      craft: "an eighth up to a quarter is poured",
      within: [12, 14],
      answer: 100 * ask("methanol", { oil: "canola", oilLitres: 100 }).stoichiometricShare,
      unit: "% by volume",
      digits: 1,
      why: "an eighth is less than that: it cannot convert all",
    },
    {
      question: "KOH for 100 L at 2 mg KOH/g, 7 g/L, 90 %",
      craft: "about a kilogram",
      within: [800, 1200],
      answer: ask("catalyst", {
        oilLitres: 100,
        acidMolPerL: (2 * 0.92) / 56.106,
        base: "KOH",
        baseDoseGPerL: 7,
        purity: 0.9,
      }).grams,
      unit: "g",
      digits: 0,
      why: "agrees",
    },
    {
      question: "Methanol out of glycerol (3 to 1) at 65 °C",
      craft: "people think it is all out at its boil",
      within: [90, 100],
      answer: 100 * ask("methanol-recovery", { methanolMol: 3, heavyMol: 1, potCelsius: 65 }).share,
      unit: "%",
      digits: 0,
      why: "parts: at 65 °C none boils out of the mix",
    },
    {
      question: "The same at 100 °C",
      craft: "most of it",
      within: [80, 95],
      answer: 100 * ask("methanol-recovery", { methanolMol: 3, heavyMol: 1, potCelsius: 100 }).share,
      unit: "%",
      digits: 0,
      why: "agrees",
    },
    {
      question: "Soap of 2,400 ppm to 66: washes of 0.3 L a litre, K 6",
      craft: "several changes",
      within: [2, 6],
      answer:
        ask("wash", { soapPpm: 2400, washes: 3, waterShare: 0.3, partition: 6, limitPpm: 66 }).washesToLimit ??
        Number.NaN,
      unit: "washes",
      digits: 0,
      why: "K is the owner's own, by titration",
    },
  ],
};

export const CHAPTERS: readonly Chapter[] = [settling, warming, bags, blends, drive, kettle];
