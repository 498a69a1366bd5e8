import { cloudPointCelsius, leastThinnerShare, planSeasons } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidsOf, limitMm2PerS, maybe, own, usedFactor } from "../fields";
import { ingredient } from "../mixes";

export const seasons = calculation({
  name: "seasons",
  room: "blending",
  title: "A mix for summer and one for winter",
  equation: "of every run of months as the summer, the one with the greatest mean of each season's least share of oil",
  source: "Own reckoning; each month's share by ASTM D7152 at its coldest night",
  range:
    "Twelve months, −40 to 150 °C; driving as much each month; thin enough, and not that it stays clear. A second mix for two points more oil at least.",
  input: z.strictObject({
    oil: fluid("Oil"),
    thinner: fluid("Thin with"),
    lowsCelsius: z.array(celsius("Coldest night")).length(12).meta({ title: "Coldest night of each month" }),
    limitMm2PerS,
    usedFactor,
    own,
  }),
  output: z.strictObject({
    meanShare: figure("Oil over the year", "share"),
    allYearShare: figure("Oil, one mix all year", "share"),
    summerShare: maybe("Oil in summer", "share"),
    winterShare: figure("Oil in winter", "share"),
    summerFromMonth: maybe("Summer from month", "1"),
    summerToMonth: maybe("Summer to month", "1"),
    shareByMonth: z.array(figure("Oil at most", "share")).meta({ title: "By month" }),
    cloudByMonth: z.array(figure("Cloudy below", "°C")).meta({ title: "Cloud point of each month's mix" }),
  }),
  example: {
    oil: "canola",
    thinner: "kerosene",
    lowsCelsius: [-6, -6, -3, 0, 3, 7, 9, 9, 6, 2, -2, -5],
    limitMm2PerS: 15,
    usedFactor: 1.15,
  },
  answer: "meanShare",
  heavy: true,
  run(i) {
    const fluids = fluidsOf(i);
    const [oil, thinner] = [ingredient(fluids, i.oil, i.usedFactor), ingredient(fluids, i.thinner, 1)];
    const plan = planSeasons(i.lowsCelsius, (low) => 1 - (leastThinnerShare(oil, thinner, low, i.limitMm2PerS) ?? 1));
    return {
      meanShare: plan.meanShare,
      allYearShare: plan.allYearShare,
      summerShare: plan.summer?.oilShare ?? null,
      winterShare: plan.winterShare,
      summerFromMonth: plan.summer ? plan.summer.fromMonth + 1 : null,
      summerToMonth: plan.summer ? plan.summer.toMonth + 1 : null,
      shareByMonth: [...plan.oilShareByMonth],
      cloudByMonth: plan.oilShareByMonth.map((share) =>
        cloudPointCelsius([
          { fluid: oil.fluid, litres: share },
          { fluid: thinner.fluid, litres: 1 - share },
        ]),
      ),
    };
  },
});
