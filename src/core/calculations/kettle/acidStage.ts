import { acidStage as acidDoses, LEAST_SULFURIC_PURITY } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidsOf, input, litres, own } from "../fields";
import { purity } from "./base";

export const acidStage = calculation({
  name: "acid-stage",
  room: "kettle",
  title: "Acid stage: methanol and sulfuric acid",
  equation: "methanol 2.25 kg and H₂SO₄ 0.05 kg for each kg of free fatty acid",
  source: "Canakci & Van Gerpen 2001",
  range: `Acid of ${LEAST_SULFURIC_PURITY * 100} % or more: battery acid is refused. Titrate again afterwards: it then reads base demand.`,
  input: z.strictObject({
    oil: fluid("Oil"),
    oilLitres: litres("Oil"),
    ffaPct: input("Free fatty acid", "%", 0, 100),
    sulfuricPurity: purity("Purity of the acid").default(1),
    own,
  }),
  output: z.strictObject({
    ffaKg: figure("Free fatty acid", "kg"),
    methanolLitres: figure("Methanol", "L"),
    sulfuricKg: figure("Pure acid", "kg"),
    sulfuricMl: figure("Acid from the bottle", "mL"),
  }),
  example: { oil: "canola", oilLitres: 80, ffaPct: 5, sulfuricPurity: 0.96 },
  answer: "sulfuricMl",
  heavy: false,
  run(i) {
    const oil = fluidsOf(i)[i.oil];
    return acidDoses(i.oilLitres * oil.rho15KgPerL, i.ffaPct, i.sulfuricPurity);
  },
});
