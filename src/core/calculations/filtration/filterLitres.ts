import { filterLitres as litresThrough } from "../../filtration";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, input } from "../fields";
import { atWork, filterOf } from "./filter";

export const filterLitres = calculation({
  name: "filter-litres",
  room: "filtration",
  title: "How much comes through in a time",
  equation: "V from μ/(A·ΔP)·(Rm·V + αc·(V² + 2·V·V₀)/(2A)) = t",
  source: "Ruth 1935, its quadratic",
  range: "−40 to 150 °C, constant pressure drop.",
  input: z.strictObject({ ...atWork, seconds: input("Seconds", "s", 1e-3, 1e8) }),
  output: z.strictObject({ litres: figure("Litres", "L") }),
  example: {
    areaM2: 0.4,
    pressurePa: 20_000,
    fluid: "canola",
    celsius: 40,
    seconds: 3600,
    mediumPerM: 1e10,
    cakePerM2: 3e11,
    usedFactor: 1.15,
  },
  answer: "litres",
  heavy: false,
  run: (i) => ({ litres: litresThrough(filterOf(fluidsOf(i), i, i), i.seconds) }),
});
