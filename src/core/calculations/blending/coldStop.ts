import { coldStop as stopInTheCold } from "../../blending";
import { fluidIn } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidsOf, limitMm2PerS, own, share, usedFactor, word } from "../fields";

export const coldStop = calculation({
  name: "cold-stop",
  room: "blending",
  title: "Oil left in the lines on a cold night",
  equation: "ν, cloud and pour of (residual oil, diesel) at the forecast low",
  source: "The blend's own models",
  range: "−40 to 150 °C. Cold points are estimates: a jar left outside overrules them.",
  input: z.strictObject({
    oil: fluid("Oil"),
    diesel: fluid("Purged with"),
    residualShare: share("Oil left in the line"),
    lowCelsius: celsius("Forecast low"),
    limitMm2PerS,
    usedFactor,
    own,
  }),
  output: z.strictObject({
    nuMm2PerS: figure("Kinematic viscosity", "mm²/s"),
    cloudCelsius: figure("Cloud point", "°C"),
    pourCelsius: figure("Pour point", "°C"),
    verdict: word("In the cold it", ["flows", "thick", "waxes", "gels"]),
  }),
  example: { oil: "canola", diesel: "diesel", residualShare: 0.3, lowCelsius: -6, limitMm2PerS: 15, usedFactor: 1.15 },
  answer: "nuMm2PerS",
  heavy: false,
  run(i) {
    const fluids = fluidsOf(i);
    const line = [
      { fluid: fluidIn(fluids, i.oil), litres: i.residualShare, usedFactor: i.usedFactor },
      { fluid: fluidIn(fluids, i.diesel), litres: 1 - i.residualShare, usedFactor: 1 },
    ];
    return stopInTheCold(line, i.lowCelsius, i.limitMm2PerS);
  },
});
