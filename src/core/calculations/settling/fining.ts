import { FINING_MOST_CELSIUS, finingDoses, USUAL_FINING } from "../../settling";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, litres, share } from "../fields";

export const fining = calculation({
  name: "fining",
  room: "settling",
  title: "Fining with gelatine: the doses",
  equation: "water = share·oil;  gelatine = g/L·water",
  source: "Your own recipe; the usual one to start",
  range: `Oil of 0 to ${FINING_MOST_CELSIUS} °C: hotter boils over. The oil is wet afterwards until it is tested.`,
  input: z.strictObject({
    oilLitres: litres("Oil"),
    oilCelsius: input("Temperature of the oil", "°C", 0, 150),
    waterShare: share("Water, share of the oil").default(USUAL_FINING.waterShare),
    gelatineGPerL: input("Gelatine in a litre of it", "g/L", 1, 500).default(USUAL_FINING.gelatineGPerL),
  }),
  output: z.strictObject({ waterLitres: figure("Water", "L"), gelatineG: figure("Gelatine", "g") }),
  example: { oilLitres: 100, oilCelsius: 45 },
  answer: "gelatineG",
  heavy: false,
  run: (i) => finingDoses(i.oilLitres, i.oilCelsius, i),
});
