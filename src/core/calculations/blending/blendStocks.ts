import { mixViscosityMm2PerS, PLAN_GOALS, planStocks } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluidsOf, input, limitMm2PerS, litres, maybe, own, word } from "../fields";
import { contents, mixOf, parts } from "../mixes";

const Stock = z.strictObject({
  parts,
  litres: litres("There is"),
  pricePerLitre: input("A litre costs", "money/L", 0, 1e4).default(0),
  isOil: z.boolean().meta({ title: "Waste oil" }),
});

export const blendStocks = calculation({
  name: "blend-stocks",
  room: "blending",
  title: "What to pour from which drum and can",
  equation:
    "greatest Σ gain·litres with Σ litres·(W − W at the limit) ≤ 0; where it must stay clear also with the cloud and pour indices and hard moles",
  source: "ASTM D7152 and Hu & Burns 1970 are linear in volume: a linear programme, solved by the simplex method",
  range: "−40 to 150 °C. No answer where it is full, the stocks fall short, or no mix of them meets the limit.",
  input: z.strictObject({
    goal: word("Goal", PLAN_GOALS),
    contents,
    fillToLitres: litres("Fill to"),
    stocks: z.array(Stock).min(1).max(12).meta({ title: "Drums and cans" }),
    celsius: celsius("Coldest it must flow at"),
    limitMm2PerS,
    staysClear: z.boolean().meta({ title: "Nothing may fall out" }).default(false),
    own,
  }),
  output: z.strictObject({
    litres: z.array(figure("Pour", "L")).nullable().meta({ title: "From each" }),
    cost: maybe("Costs", "money"),
    nuMm2PerS: maybe("It then has", "mm²/s"),
    why: word("Why none", ["tank-full", "not-enough-in-stock", "no-mix-meets-it"]).nullable(),
  }),
  example: {
    goal: "most-oil",
    contents: [{ fluid: "diesel", litres: 12 }],
    fillToLitres: 60,
    stocks: [
      { parts: [{ fluid: "canola", litres: 1, usedFactor: 1.15 }], litres: 90, isOil: true },
      { parts: [{ fluid: "kerosene", litres: 1 }], litres: 10, pricePerLitre: 1.1, isOil: false },
      { parts: [{ fluid: "diesel", litres: 1 }], litres: 100, pricePerLitre: 1.6, isOil: false },
    ],
    celsius: 2,
    limitMm2PerS: 15,
  },
  answer: "nuMm2PerS",
  heavy: true,
  run(i) {
    const fluids = fluidsOf(i);
    const found = planStocks({
      goal: i.goal,
      contents: mixOf(i.contents, fluids),
      fillToLitres: i.fillToLitres,
      stocks: i.stocks.map(({ parts: of, ...s }) => ({ ...s, mix: mixOf(of, fluids) })),
      celsius: i.celsius,
      limitMm2PerS: i.limitMm2PerS,
      staysClear: i.staysClear,
    });
    if ("code" in found) return { litres: null, cost: null, nuMm2PerS: null, why: found.code };
    return {
      litres: [...found.litres],
      cost: found.cost,
      nuMm2PerS: mixViscosityMm2PerS(found.after, i.celsius),
      why: null,
    };
  },
});
