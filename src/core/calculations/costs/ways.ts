import { compareWays, isWay, WAY_IDS } from "../../costs";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, maybe, word } from "../fields";
import { waysInput, waysTask } from "./waysTask";

const money = (title: string) => figure(title, "money/L");

export const ways = calculation({
  name: "ways",
  room: "costs",
  title: "Every way, held against pump diesel",
  equation:
    "a litre = (1 − s)/(1 − w)·oil + s·thinner + reagents + power + bags + waste·disposal + kit + hours·wage; s the least thinner under the limit at the low, w the waste of the oil",
  source: "Your own prices and marks; thinner share by ASTM D7152, energy by heating value",
  range:
    "−40 to 150 °C. A way whose thinner does not bring the oil under the limit is left out. Reagents' own carbon is not counted.",
  input: waysInput,
  output: z.strictObject({
    cheapest: word("Cheapest a megajoule", WAY_IDS),
    ways: z
      .array(
        z.strictObject({
          way: word("Way", WAY_IDS),
          thinnerShare: figure("Bought fuel in it", "share"),
          oil: money("Oil"),
          thinner: money("Bought fuel"),
          reagents: money("Methanol and lye"),
          energy: money("Power"),
          bags: money("Bags"),
          disposal: money("Disposal"),
          kit: money("Kit"),
          work: money("Work"),
          perLitre: money("A litre"),
          perMJ: figure("A megajoule", "money/MJ"),
          hoursPer100L: figure("Work", "h/100 L"),
          daysUntilUsable: figure("Usable after", "d"),
          wastePerLitre: figure("Waste", "L/L"),
          downToCelsius: figure("Stands down to", "°C"),
          co2SavedKgPerLitre: figure("CO₂ saved", "kg/L"),
          pumpPrice: maybe("Pays above a pump price of", "money/L"),
        }),
      )
      .meta({ title: "Ways" }),
  }),
  example: { oil: "canola", usedFactor: 1.15, lowCelsius: -2, limitMm2PerS: 15 },
  answer: "cheapest",
  heavy: true,
  run(i) {
    const found = compareWays(waysTask(i)).filter(isWay);
    return {
      cheapest: found.reduce((a, b) => (b.perMJ < a.perMJ ? b : a)).id,
      ways: found.map(({ id, lines, ...w }) => ({
        way: id,
        thinnerShare: w.thinnerShare,
        ...lines,
        perLitre: w.perLitre,
        perMJ: w.perMJ,
        hoursPer100L: w.hoursPer100L,
        daysUntilUsable: w.daysUntilUsable,
        wastePerLitre: w.wastePerLitre,
        downToCelsius: w.downToCelsius,
        co2SavedKgPerLitre: w.co2SavedKgPerLitre,
        pumpPrice: w.pumpPrice,
      })),
    };
  },
});
