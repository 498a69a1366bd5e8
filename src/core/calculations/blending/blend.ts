import {
  blendCautions,
  cloudPointCelsius,
  mixCetane,
  mixLhvMJPerL,
  mixLitres,
  mixRho15KgPerL,
  mixViscosityMm2PerS,
  pourPointCelsius,
} from "../../blending";
import { fireHazard, flashPointCelsius } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluidsOf, own, share, word } from "../fields";
import { mixOf, parts } from "../mixes";

export const blend = calculation({
  name: "blend",
  room: "blending",
  title: "What a blend is like",
  equation:
    "W = Σ vᵢ·Wᵢ at the temperature (Wᵢ = log₁₀ log₁₀ Zᵢ);  cloud, pour T = (Σ vᵢ·Tᵢ^(1/x))^x in °R, x = 0.05, 0.08;  flash of the most volatile part of 0.5 % or more, of any petrol at all",
  source: "ASTM D7152; Hu & Burns 1970 for cloud and pour; no averaging of flash",
  range: "−40 to 150 °C. Cold points are estimates: a jar left outside overrules them.",
  input: z.strictObject({
    parts,
    celsius: celsius("Temperature"),
    fatLimitShare: share("Most fat in any weather").default(0.05),
    own,
  }),
  output: z.strictObject({
    litres: figure("Litres at 15 °C", "L"),
    nuMm2PerS: figure("Kinematic viscosity", "mm²/s"),
    rho15KgPerL: figure("Density at 15 °C", "kg/L"),
    cloudC: figure("Cloud point", "°C"),
    pourC: figure("Pour point", "°C"),
    flashC: figure("Flash point", "°C"),
    lhvMJPerL: figure("Heating value", "MJ/L"),
    cetane: figure("Cetane number", "1"),
    burns: word("Handle it", ["like-petrol", "like-kerosene", "like-diesel", "like-oil"]),
    cautions: z
      .array(z.enum(["too-much-fat", "petrol-must-stand-outside", "cetane-low", "engine-oil-sludge-to-recycler"]))
      .meta({ title: "Cautions" }),
  }),
  example: {
    parts: [
      { fluid: "canola", litres: 60, usedFactor: 1.15 },
      { fluid: "kerosene", litres: 30 },
    ],
    celsius: 5,
  },
  answer: "nuMm2PerS",
  heavy: false,
  run(i) {
    const mix = mixOf(i.parts, fluidsOf(i));
    const flashC = flashPointCelsius(mix);
    const cetane = mixCetane(mix);
    return {
      litres: mixLitres(mix),
      nuMm2PerS: mixViscosityMm2PerS(mix, i.celsius),
      rho15KgPerL: mixRho15KgPerL(mix),
      cloudC: cloudPointCelsius(mix),
      pourC: pourPointCelsius(mix),
      flashC,
      lhvMJPerL: mixLhvMJPerL(mix),
      cetane,
      burns: fireHazard(flashC),
      cautions: blendCautions(mix, cetane, i.fatLimitShare, i.celsius),
    };
  },
});
