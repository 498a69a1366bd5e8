import { fluidIn } from "../../fluids";
import { batchBalance } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidsOf, input, litres, maybe, own, share } from "../fields";
import { base, purity } from "./base";

const kg = (title: string) => figure(title, "kg");

export const batch = calculation({
  name: "batch",
  room: "kettle",
  title: "Where the kilograms of a batch go",
  equation:
    "oil + methanol + lye = fuel + wash loss + methanol washed out + glycerol phase (glycerol, methanol, soap, water, lye)",
  source: "Mass balance of the transesterification and of the soap that free acid makes",
  range:
    "Vegetable oils and fats. The methanol must do for the conversion and the base for the free acid. 95 % turned until your own batches say better.",
  input: z.strictObject({
    oil: fluid("Oil"),
    oilLitres: litres("Oil"),
    ffaPct: input("Free fatty acid", "%", 0, 100),
    methanolLitres: litres("Methanol"),
    base,
    catalystG: input("Lye weighed", "g", 0, 1e6),
    catalystPurity: purity("Its purity"),
    conversion: share("Turned to ester").default(0.95),
    methanolToGlycerolShare: share("Left-over methanol that goes with the glycerol").default(0.6),
    washLossShare: share("Lost in washing").default(0.02),
    drainedGlycerolLitres: litres("Glycerol phase drained").nullable().default(null),
    own,
  }),
  output: z.strictObject({
    esterKg: kg("Ester made"),
    unreactedKg: kg("Oil left"),
    glycerolKg: kg("Glycerol"),
    methanolLeftKg: kg("Methanol left over"),
    soapKg: kg("Soap"),
    waterKg: kg("Water"),
    catalystLeftKg: kg("Lye left"),
    washLossKg: kg("Lost in washing"),
    glycerolPhaseKg: kg("Glycerol phase"),
    glycerolPhaseLitres: figure("Glycerol phase", "L"),
    fuelKg: kg("Fuel"),
    fuelLitres: figure("Fuel at 15 °C", "L"),
    methanolWashedKg: kg("Methanol washed or dried out"),
    inKg: kg("All that went in"),
    outKg: kg("All that came out"),
    drainedToPredicted: maybe("Drained against predicted", "1"),
  }),
  example: {
    oil: "canola",
    oilLitres: 80,
    ffaPct: 1.2,
    methanolLitres: 16,
    base: "KOH",
    catalystG: 800,
    catalystPurity: 0.9,
  },
  answer: "fuelLitres",
  heavy: false,
  run(i) {
    const fluids = fluidsOf(i);
    return batchBalance(i, fluidIn(fluids, i.oil), fluids);
  },
});
