import { leastThinnerShare } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, fluid, fluidsOf, limitMm2PerS, maybe, own, usedFactor } from "../fields";
import { ingredient } from "../mixes";

export const thinner = calculation({
  name: "thinner",
  room: "blending",
  title: "The least thinner that is enough",
  equation: "The least share s with ν(oil 1 − s, thinner s, t) ≤ limit",
  source: "ASTM D7152 blend, bracketed root of a falling function",
  range: "−40 to 150 °C. 0 where the oil alone will do; no answer where the thinner alone will not.",
  input: z.strictObject({
    oil: fluid("Oil"),
    thinner: fluid("Thin with"),
    celsius: celsius("Coldest it must flow at"),
    limitMm2PerS,
    usedFactor,
    own,
  }),
  output: z.strictObject({ share: maybe("Thinner, by volume", "share") }),
  example: { oil: "canola", thinner: "kerosene", celsius: 5, limitMm2PerS: 15, usedFactor: 1.15 },
  answer: "share",
  heavy: false,
  run(i) {
    const fluids = fluidsOf(i);
    const oil = ingredient(fluids, i.oil, i.usedFactor);
    return { share: leastThinnerShare(oil, ingredient(fluids, i.thinner, 1), i.celsius, i.limitMm2PerS) };
  },
});
