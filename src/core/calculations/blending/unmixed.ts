import { mixLitres, mixViscosityMm2PerS, unmixedLayers } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, fluidsOf, own } from "../fields";
import { contents, mixOf, parts } from "../mixes";

export const unmixed = calculation({
  name: "unmixed",
  room: "blending",
  title: "A tank that was topped up and not driven",
  equation: "what stood there and every pour lie by density, the heaviest at the pump; driven, all of it by volume",
  source: "ASTM D7152 for each layer and for all of it",
  range: "−40 to 150 °C. The worst it can be: a jet of fuel on top mixes some of it.",
  input: z.strictObject({
    contents,
    pours: z.array(parts).min(1).max(12).meta({ title: "Poured since it was driven" }),
    celsius: celsius("At"),
    own,
  }),
  output: z.strictObject({
    lowestMm2PerS: figure("At the pump, not driven", "mm²/s"),
    mixedMm2PerS: figure("Driven", "mm²/s"),
    layers: z
      .array(z.strictObject({ litres: figure("Litres", "L"), nuMm2PerS: figure("Viscosity", "mm²/s") }))
      .meta({ title: "Layers, the lowest first" }),
  }),
  example: {
    contents: [{ fluid: "diesel", litres: 30 }],
    pours: [[{ fluid: "canola", litres: 12, usedFactor: 1.15 }]],
    celsius: 5,
  },
  answer: "lowestMm2PerS",
  heavy: false,
  run(i) {
    const fluids = fluidsOf(i);
    const [there, pours] = [mixOf(i.contents, fluids), i.pours.map((p) => mixOf(p, fluids))];
    const layers = unmixedLayers(there, pours, i.celsius);
    const all = layers.flatMap((l) => l.mix);
    return {
      lowestMm2PerS: layers[0]?.nuMm2PerS ?? 0,
      mixedMm2PerS: mixViscosityMm2PerS(all, i.celsius),
      layers: layers.map((l) => ({ litres: mixLitres(l.mix), nuMm2PerS: l.nuMm2PerS })),
    };
  },
});
