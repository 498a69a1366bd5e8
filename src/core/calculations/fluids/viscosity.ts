import { densityKgPerL, dynamicViscosityPaS, kinematicViscosityMm2PerS } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluid, fluidFrom, own, usedFactor } from "../fields";

export const viscosity = calculation({
  name: "viscosity",
  room: "fluids",
  title: "Viscosity and density of a fluid",
  equation:
    "log₁₀ log₁₀ Z = A − B·log₁₀ T,  Z = ν + 0.7 + e^(−1.47 − 1.84ν − 0.51ν²);  ρ = ρ15·(1 − α·(t − 15));  μ = ν·ρ",
  source: "ASTM D341; table values after Goering et al. 1982 and common handbooks",
  range: "−40 to 150 °C. Typical fresh fluids; fried oil by its factor, until a flow cup says better.",
  input: z.strictObject({ fluid: fluid("Fluid"), celsius: celsius("Temperature"), usedFactor, own }),
  output: z.strictObject({
    nuMm2PerS: figure("Kinematic viscosity", "mm²/s"),
    densityKgPerL: figure("Density", "kg/L"),
    muPaS: figure("Dynamic viscosity", "Pa·s"),
  }),
  example: { fluid: "canola", celsius: 70 },
  answer: "nuMm2PerS",
  heavy: false,
  run(i) {
    const f = fluidFrom(i, i.fluid);
    return {
      nuMm2PerS: kinematicViscosityMm2PerS(f, i.celsius, i.usedFactor),
      densityKgPerL: densityKgPerL(f, i.celsius),
      muPaS: dynamicViscosityPaS(f, i.celsius, i.usedFactor),
    };
  },
});
