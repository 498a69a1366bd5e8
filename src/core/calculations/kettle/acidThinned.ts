import { shareThinnedTo } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { input, maybe } from "../fields";

const acid = (title: string) => input(title, "mol/L", 0, 4);

export const acidThinned = calculation({
  name: "acid-thinned",
  room: "kettle",
  title: "Sour oil thinned with better oil",
  equation: "share = (most − better)/(acid − better): free acid mixes by volume",
  source: "Free acid in mol a litre adds up",
  range: "No answer where the better oil is not better than what is wanted.",
  input: z.strictObject({
    acidMolPerL: acid("Free acid of the sour oil"),
    betterMolPerL: acid("Free acid of the better oil"),
    mostMolPerL: acid("Free acid that the mix may have"),
  }),
  output: z.strictObject({ share: maybe("Sour oil in the mix", "share") }),
  example: { acidMolPerL: 0.2, betterMolPerL: 0.02, mostMolPerL: 0.1 },
  answer: "share",
  heavy: false,
  run: (i) => ({ share: shareThinnedTo(i.acidMolPerL, i.betterMolPerL, i.mostMolPerL) }),
});
