import { TREND_ALARM, bagTrend as trendOf } from "../../filtration";
import { dynamicViscosityPaS } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, fluid, fluidFrom, input, litres, maybe, own, share, usedFactor, whole, word } from "../fields";

const run = z.strictObject({
  litres: litres("Litres"),
  seconds: input("Seconds", "s", 1, 1e8),
  celsius: celsius("Temperature"),
});

export const bagTrend = calculation({
  name: "bag-trend",
  room: "filtration",
  title: "Is this bag clogging faster, and why",
  equation: "times = (t/(V²·μ)) / median of the earlier bags'",
  source: `Resistance gained a litre, corrected by μ; over ${TREND_ALARM} times the median something has changed`,
  range: "Bags of one rating on one line. Names the likely cause only.",
  input: z.strictObject({
    run: run.meta({ title: "This bag" }),
    earlier: z.array(run).max(500).meta({ title: "Earlier bags" }),
    fluid: fluid("Oil"),
    settlerFullShare: share("Settler's sludge room filled").nullable().default(null),
    suctionAboveLayerMm: input("Suction above the layer", "mm", -1000, 20_000).nullable().default(null),
    usedFactor,
    own,
  }),
  output: z.strictObject({
    times: maybe("Times as fast, by its dirt", "1"),
    timesByClock: maybe("Times as fast, by the clock", "1"),
    earlierBags: whole("Earlier bags", "1", 0, 500),
    cause: word("Likely cause", ["settler-full", "bottom-layer", "colder-oil", "dirtier-lot"]).nullable(),
  }),
  example: {
    run: { litres: 60, seconds: 9000, celsius: 14 },
    earlier: [
      { litres: 80, seconds: 4200, celsius: 18 },
      { litres: 75, seconds: 4000, celsius: 17 },
      { litres: 82, seconds: 4500, celsius: 16 },
    ],
    fluid: "canola",
    settlerFullShare: 0.95,
    usedFactor: 1.15,
  },
  answer: "times",
  heavy: false,
  run(i) {
    const oil = fluidFrom(i, i.fluid);
    const met = (r: z.output<typeof run>) => ({
      ...r,
      viscosityPaS: dynamicViscosityPaS(oil, r.celsius, i.usedFactor),
    });
    const trend = trendOf(met(i.run), i.earlier.map(met), i);
    return trend ?? { times: null, timesByClock: null, earlierBags: 0, cause: null };
  },
});
