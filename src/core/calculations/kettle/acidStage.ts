import { ACID_STAGE_DONE_PCT, acidStage as acidDoses, LEAST_SULFURIC_PURITY } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluid, fluidFrom, input, litres, own } from "../fields";
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
    ffaAfterPct: input("Titrated again, free acid", "%", 0, 100).nullable().default(null),
    donePct: input("Done under", "%", 0.01, 100).default(ACID_STAGE_DONE_PCT),
    own,
  }),
  output: z.strictObject({
    ffaKg: figure("Free fatty acid", "kg"),
    methanolLitres: figure("Methanol", "L"),
    sulfuricKg: figure("Pure acid", "kg"),
    sulfuricMl: figure("Acid from the bottle", "mL"),
    again: z.boolean().nullable().meta({ title: "Once more" }),
  }),
  example: { oil: "canola", oilLitres: 80, ffaPct: 5, sulfuricPurity: 0.96 },
  answer: "sulfuricMl",
  heavy: false,
  run(i) {
    const oil = fluidFrom(i, i.oil);
    const { ffaKg, methanolLitres, sulfuricKg, sulfuricMl } = acidDoses(
      i.oilLitres * oil.rho15KgPerL,
      i.ffaPct,
      i.sulfuricPurity,
    );
    const again = i.ffaAfterPct === null ? null : i.ffaAfterPct > i.donePct;
    return { ffaKg, methanolLitres, sulfuricKg, sulfuricMl, again };
  },
});
