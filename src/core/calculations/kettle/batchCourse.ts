import { fluidIn } from "../../fluids";
import {
  courseOf,
  DEFAULT_PHASE_MARKS,
  kgIn,
  kgOfPot,
  litresOfPot,
  PATHS,
  potOf,
  soapPpmIn,
  USUAL_CONVERSION,
  USUAL_SECOND_SHARE,
  WASH_WAYS,
} from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidsOf, input, litres, own, share, whole, word } from "../fields";
import { base, purity } from "./base";

const kg = (title: string) => figure(title, "kg");
const volume = (title: string) => figure(title, "L");

export const batchCourse = calculation({
  name: "batch-course",
  room: "kettle",
  title: "A batch from lot to fuel",
  equation:
    "acid eaten, then soap, then oil turned; parted, washed (soap·1/(1 + K·w) each), dried: kilograms and elements kept at every step",
  source: "Stoichiometry with oleic acid for all fatty acids; shares between the layers are the owner's own",
  range: "Vegetable oils and fats. What parts between the layers is typical until the owner's batches say better.",
  input: z.strictObject({
    oil: fluid("Oil"),
    path: word("Way", PATHS).default("base"),
    oilLitres: litres("Oil at 15 °C"),
    acidMolPerL: input("Free acid", "mol/L", 0, 4),
    base,
    basePurity: purity("Purity of the lye").default(1),
    doseGPerL: input("Lye for the oil", "g/L", 1, 20),
    methanolShare: input("Methanol by volume of the oil", "share", 0.05, 0.6).default(0.2),
    methanolPurity: input("Purity of the methanol by weight", "share", 0.2, 1).default(1),
    sulfuricPurity: input("Purity of the sulfuric acid", "share", 0.9, 1).default(0.96),
    secondShare: input("Kept for a second step", "share", 0.05, 0.6).default(USUAL_SECOND_SHARE),
    conversion: share("Turned of the oil's bonds").default(USUAL_CONVERSION),
    washHow: word("Washed by", WASH_WAYS).default("mist"),
    washes: whole("Washes", "1", 0, 12).default(3),
    waterShare: input("Water a litre of fuel, each", "L/L", 0, 1).default(0.3),
    vinegarMlPerL: input("Vinegar in the first", "mL/L", 0, 100).default(0),
    own,
  }),
  output: z.strictObject({
    fuelLitres: volume("Fuel"),
    fuelKg: kg("Fuel by weight"),
    lyeG: figure("Lye weighed", "g"),
    methanolLitres: volume("Methanol poured, acid stage too"),
    glycerolLitres: volume("Glycerol phase"),
    glycerolKg: kg("Glycerol phase by weight"),
    washWaterLitres: volume("Wash water"),
    acidWaterLitres: volume("Acid water"),
    soapBeforePpm: figure("Soap before the wash", "ppm"),
    soapAfterPpm: figure("Soap after it", "ppm"),
    fattyAcidKg: kg("Free acid left in the fuel"),
    gapKg: kg("What does not close: rounding"),
  }),
  example: { oil: "canola", oilLitres: 60, acidMolPerL: 0.04, base: "KOH", basePurity: 0.9, doseGPerL: 7 },
  answer: "fuelLitres",
  heavy: false,
  run(i) {
    const fluids = fluidsOf(i);
    const oilKg = i.oilLitres * fluidIn(fluids, i.oil).rho15KgPerL;
    const c = courseOf(
      potOf([{ component: i.oil, kg: oilKg }]),
      {
        ...i,
        pace: "own",
        holdCelsius: 55,
        mixMinutes: 60,
        settleHours: 8,
        wash: { how: i.washHow, times: i.washes, waterShare: i.waterShare, vinegarMlPerL: i.vinegarMlPerL },
      },
      fluids,
      DEFAULT_PHASE_MARKS,
    );
    const { acid, first, second } = c.weighing;
    const out = [c.acidWater, c.glycerol, c.secondGlycerol, c.washWater, c.vapour, c.fuel];
    const soaps = [c.crude, ...c.washes].map(soapPpmIn);
    return {
      fuelLitres: litresOfPot(c.fuel),
      fuelKg: kgOfPot(c.fuel),
      lyeG: first.lyeG + (second?.lyeG ?? 0),
      methanolLitres: first.methanolLitres + (second?.methanolLitres ?? 0) + (acid?.methanolLitres ?? 0),
      glycerolLitres: litresOfPot(c.glycerol) + litresOfPot(c.secondGlycerol),
      glycerolKg: kgOfPot(c.glycerol) + kgOfPot(c.secondGlycerol),
      washWaterLitres: litresOfPot(c.washWater),
      acidWaterLitres: litresOfPot(c.acidWater),
      soapBeforePpm: soaps[0] ?? 0,
      soapAfterPpm: soaps.at(-1) ?? 0,
      fattyAcidKg: kgIn(c.fuel, "fatty-acid"),
      gapKg: Math.abs(kgOfPot(c.lot) + kgOfPot(c.brought) - out.reduce((sum, pot) => sum + kgOfPot(pot), 0)),
    };
  },
});
