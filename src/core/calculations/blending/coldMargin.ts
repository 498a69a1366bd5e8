import { COLD_FAILURES, HARD_MOLE_SHARE, coldMargin as margin } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, input, limitMm2PerS, maybe, own, share, word } from "../fields";
import { mixOf, parts } from "../mixes";

export const coldMargin = calculation({
  name: "cold-margin",
  room: "blending",
  title: "What fails first in the cold",
  equation:
    "the highest of: fat on standing, cloud, pour, the t with ν(t) = limit; it fails where that is above the low",
  source: "The blend's own models: ideal solubility of hard fat, Hu & Burns, ASTM D7152",
  range: "−60 to 150 °C. All four are estimates: a jar left in the cold overrules them.",
  input: z.strictObject({
    parts,
    lowCelsius: input("Coldest it stands at", "°C", -60, 150),
    pumpLimitMm2PerS: limitMm2PerS.default(15),
    hardMoleShare: share("Hard part of fryer fat, by moles").default(HARD_MOLE_SHARE),
    own,
  }),
  output: z.strictObject({
    firstToFail: word("Fails first", ["none", ...COLD_FAILURES]),
    failsBelowCelsius: maybe("Fails below", "°C"),
    fatStandingCelsius: maybe("Fat falls out on standing below", "°C"),
    cloudCelsius: figure("Cloud point", "°C"),
    pourCelsius: figure("Pour point", "°C"),
    viscosityCelsius: maybe("Too thick for the pump below", "°C"),
    nuMm2PerS: figure("Kinematic viscosity at the coldest", "mm²/s"),
  }),
  example: {
    parts: [
      { fluid: "canola", litres: 45, usedFactor: 1.15 },
      { fluid: "fryer-fat", litres: 5 },
      { fluid: "diesel", litres: 50 },
    ],
    lowCelsius: 0,
    pumpLimitMm2PerS: 15,
  },
  answer: "failsBelowCelsius",
  heavy: false,
  run: (i) => margin(mixOf(i.parts, fluidsOf(i)), i.lowCelsius, i.pumpLimitMm2PerS, i.hardMoleShare),
});
