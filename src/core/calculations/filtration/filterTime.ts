import { filterSeconds, flowLitresPerHour } from "../../filtration";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, fluidsOf, litres } from "../fields";
import { atWork, filterOf } from "./filter";

export const filterTime = calculation({
  name: "filter-time",
  room: "filtration",
  title: "How long a filter run takes",
  equation: "t = μ/(A·ΔP)·(Rm·V + αc·(V² + 2·V·V₀)/(2A))",
  source: "Ruth 1935: cake filtration at constant pressure; V₀ is cake carried in from runs before",
  range: "−40 to 150 °C, constant pressure drop. Time a run and fit the bag's own resistances.",
  input: z.strictObject({ ...atWork, litres: litres("Litres") }),
  output: z.strictObject({ seconds: figure("Seconds", "s"), litresPerHourAtEnd: figure("Flow at the end", "L/h") }),
  example: {
    areaM2: 0.4,
    pressurePa: 20_000,
    fluid: "canola",
    celsius: 40,
    litres: 60,
    mediumPerM: 1e10,
    cakePerM2: 3e11,
    usedFactor: 1.15,
  },
  answer: "seconds",
  heavy: false,
  run(i) {
    const filter = filterOf(fluidsOf(i), i, i);
    return { seconds: filterSeconds(filter, i.litres), litresPerHourAtEnd: flowLitresPerHour(filter, i.litres) };
  },
});
