import { mixViscosityMm2PerS } from "../../blending";
import { switchVerdict } from "../../driving";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluidsOf, limitMm2PerS, own, word } from "../fields";
import { mixOf, parts } from "../mixes";

export const switchOver = calculation({
  name: "switch-over",
  room: "driving",
  title: "Switch to oil now?",
  equation: "fuel ≥ gate and ν(fuel) ≤ pump limit",
  source: "ASTM D341 and D7152 for ν of what is in the oil tank",
  range: "−40 to 150 °C. Back to diesel as soon as either fails.",
  input: z.strictObject({
    parts,
    fuelCelsius: celsius("Fuel at the pump"),
    gateCelsius: celsius("Gate").default(70),
    limitMm2PerS,
    own,
  }),
  output: z.strictObject({
    verdict: word("Verdict", ["on-oil", "too-cool", "too-thick"]),
    nuMm2PerS: figure("Kinematic viscosity", "mm²/s"),
    missingK: figure("Warmer by", "K"),
  }),
  example: { parts: [{ fluid: "canola", litres: 60, usedFactor: 1.15 }], fuelCelsius: 72, limitMm2PerS: 15 },
  answer: "nuMm2PerS",
  heavy: false,
  run(i) {
    const nuMm2PerS = mixViscosityMm2PerS(mixOf(i.parts, fluidsOf(i)), i.fuelCelsius);
    const verdict = switchVerdict(i.fuelCelsius, i.gateCelsius, nuMm2PerS, i.limitMm2PerS);
    return { verdict: verdict.code, nuMm2PerS, missingK: Math.max(0, i.gateCelsius - i.fuelCelsius) };
  },
});
