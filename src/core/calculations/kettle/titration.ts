import { ACID_STAGE_ABOVE_PCT, freeAcid } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input } from "../fields";
import { base, purity } from "./base";

export const titration = calculation({
  name: "titration",
  room: "kettle",
  title: "Free acid by titration",
  equation: "acid = mL·(g/L)·purity / M / mL oil;  acid number = acid·56.106/ρ;  FFA % = acid·282.46/(1000·ρ)·100",
  source: "ISO 660's acid number; free acid as oleic",
  range: "Titrant weighed from impure lye must carry its purity, or the impurity counts twice.",
  input: z.strictObject({
    titrantMl: input("Titrant used", "mL", 0, 1000),
    titrantGPerL: input("Base in the titrant", "g/L", 0.01, 100),
    base,
    oilMl: input("Oil", "mL", 0.1, 1000),
    oilKgPerL: input("Density of the oil", "kg/L", 0.7, 1.1).default(0.92),
    titrantPurity: purity("Purity of the base in the titrant").default(1),
    acidStageAbovePct: input("Acid stage above", "%", 0.1, 100).default(ACID_STAGE_ABOVE_PCT),
  }),
  output: z.strictObject({
    acidMolPerL: figure("Free acid", "mol/L"),
    acidNumber: figure("Acid number", "mg KOH/g"),
    ffaPct: figure("Free fatty acid", "%"),
    acidStage: z.boolean().meta({ title: "Acid stage first" }),
  }),
  example: { titrantMl: 2.4, titrantGPerL: 1, base: "KOH", oilMl: 1, titrantPurity: 0.9 },
  answer: "ffaPct",
  heavy: false,
  run(i) {
    const { acidMolPerL, acidNumber, ffaPct } = freeAcid(i);
    return { acidMolPerL, acidNumber, ffaPct, acidStage: ffaPct > i.acidStageAbovePct };
  },
});
