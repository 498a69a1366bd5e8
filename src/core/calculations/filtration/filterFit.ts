import { fitFilter } from "../../filtration";
import { dynamicViscosityPaS } from "../../fluids";
import * as z from "../../zod";
import { calculation } from "../calculation";
import {
  celsius,
  figure,
  fluid,
  fluidFrom,
  input,
  litres,
  maybe,
  own,
  readings,
  trust,
  usedFactor,
  word,
} from "../fields";
import { areaM2, pressurePa } from "./filter";

export const filterFit = calculation({
  name: "filter-fit",
  room: "filtration",
  title: "A bag's own resistances from a timed run",
  equation: "(t/V)·A·ΔP/μ = Rm + αc·V/(2A), by least squares",
  source: "Ruth 1935, unweighted",
  range:
    "A run at one pressure and temperature that got slower as it went. Where readings leave less than nothing for the bag, its Rm is 0 and only the cake is told.",
  input: z.strictObject({
    areaM2,
    pressurePa,
    fluid: fluid("Oil"),
    celsius: celsius("Temperature"),
    points: z
      .array(z.tuple([litres("Litres so far"), input("Seconds so far", "s", 1e-3, 1e9)]))
      .min(2)
      .max(1000)
      .meta({ title: "Readings, litres and seconds from the start" }),
    usedFactor,
    own,
  }),
  output: z.strictObject({
    mediumPerM: figure("Resistance of the clean bag, Rm", "1/m"),
    cakePerM2: figure("Resistance of the cake, αc", "1/m²"),
    told: word("What the readings tell", ["bag-and-cake", "cake-only"]),
    mediumSpread: maybe("One standard error of Rm", "1/m"),
    cakeSpread: maybe("One standard error of αc", "1/m²"),
    readings,
    trust,
  }),
  example: {
    areaM2: 0.101,
    pressurePa: 4389,
    fluid: "cottonseed",
    celsius: 20.6,
    points: [
      [17.75, 703977.2],
      [22.93, 1142387.8],
      [25.32, 1254488.8],
      [27.02, 1502931.1],
      [37.36, 2548506.6],
    ],
  },
  answer: "cakePerM2",
  heavy: false,
  run(i) {
    const viscosity = dynamicViscosityPaS(fluidFrom(i, i.fluid), i.celsius, i.usedFactor);
    const { medium, cake } = fitFilter(i.points, i.areaM2, i.pressurePa, viscosity);
    return {
      mediumPerM: medium.value,
      cakePerM2: cake.value,
      told: medium.readings > 0 ? ("bag-and-cake" as const) : ("cake-only" as const),
      mediumSpread: medium.spread,
      cakeSpread: cake.spread,
      readings: cake.readings,
      trust: cake.trust,
    };
  },
});
