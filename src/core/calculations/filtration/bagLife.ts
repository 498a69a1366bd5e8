import { flowLitresPerHour, litresLeft, typicalBag } from "../../filtration";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, input } from "../fields";
import { atWork, cakePerM2, filterOf, mediumPerM, ratingUm } from "./filter";

export const bagLife = calculation({
  name: "bag-life",
  room: "filtration",
  title: "Litres until a bag is due",
  equation: "V = A/αc·(A·ΔP/(μ·q) − Rm) − V₀",
  source: "Ruth 1935: the flow at constant pressure, or the pressure drop at a pump's flow",
  range: "−40 to 150 °C. Without your own resistances, typical ones by rating: order of magnitude.",
  input: z.strictObject({
    ...atWork,
    mediumPerM: mediumPerM.optional(),
    cakePerM2: cakePerM2.optional(),
    ratingUm,
    leastLitresPerHour: input("Slow is under", "L/h", 0.01, 1e5),
  }),
  output: z.strictObject({
    litres: figure("Litres left", "L"),
    litresPerHourNow: figure("Flow now", "L/h"),
    typical: z.boolean().meta({ title: "Rests on typical resistances" }),
  }),
  example: {
    areaM2: 0.4,
    pressurePa: 20_000,
    fluid: "canola",
    celsius: 40,
    ratingUm: 5,
    leastLitresPerHour: 10,
    usedFactor: 1.15,
  },
  answer: "litres",
  heavy: false,
  run(i) {
    const typical = typicalBag(i.ratingUm);
    const filter = filterOf(fluidsOf(i), i, {
      mediumPerM: i.mediumPerM ?? typical.mediumPerM,
      cakePerM2: i.cakePerM2 ?? typical.cakePerM2,
    });
    return {
      litres: litresLeft(filter, i.leastLitresPerHour),
      litresPerHourNow: flowLitresPerHour(filter, 0),
      typical: i.mediumPerM === undefined || i.cakePerM2 === undefined,
    };
  },
});
