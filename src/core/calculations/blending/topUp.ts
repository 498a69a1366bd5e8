import { topUp as fillUp } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, fluid, fluidsOf, limitMm2PerS, litres, maybe, own, usedFactor, word } from "../fields";
import { contents, ingredient, mixOf } from "../mixes";

export const topUp = calculation({
  name: "top-up",
  room: "blending",
  title: "What to pour to fill a tank",
  equation: "The most oil with ν(all of the full tank, t) ≤ limit",
  source: "ASTM D7152 blend, bracketed root on the thinner's litres",
  range: "−40 to 150 °C. No answer where the tank is full, or where even thinner alone stays too thick.",
  input: z.strictObject({
    contents,
    capacityLitres: litres("Fill to"),
    oil: fluid("Oil"),
    thinner: fluid("Thin with"),
    celsius: celsius("Coldest it must flow at"),
    limitMm2PerS,
    usedFactor,
    own,
  }),
  output: z.strictObject({
    oilLitres: maybe("Pour oil", "L"),
    thinnerLitres: maybe("Pour thinner", "L"),
    why: word("Why none", ["tank-full", "too-thick-even-with-thinner-only"]).nullable(),
  }),
  example: {
    contents: [{ fluid: "diesel", litres: 20 }],
    capacityLitres: 60,
    oil: "canola",
    thinner: "kerosene",
    celsius: 2,
    limitMm2PerS: 15,
    usedFactor: 1.15,
  },
  answer: "thinnerLitres",
  heavy: false,
  run(i) {
    const fluids = fluidsOf(i);
    const found = fillUp(
      mixOf(i.contents, fluids),
      i.capacityLitres,
      [{ ...ingredient(fluids, i.oil, i.usedFactor), litres: 1 }],
      [{ ...ingredient(fluids, i.thinner, 1), litres: 1 }],
      i.celsius,
      i.limitMm2PerS,
    );
    return "code" in found
      ? { oilLitres: null, thinnerLitres: null, why: found.code }
      : { oilLitres: found.oilLitres, thinnerLitres: found.thinnerLitres, why: null };
  },
});
