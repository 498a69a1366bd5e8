import { usedLifeShare } from "../../keeping";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, temperatures } from "../fields";

export const ageing = calculation({
  name: "ageing",
  room: "keeping",
  title: "How much of its shelf life is used",
  equation: "used = ∫2^((T − 20)/10) dt / life at 20 °C",
  source: "Twice as fast every 10 K, a rule of thumb; closed along each straight piece",
  range: "From the first temperature to the last. Light, air and copper shorten it and are not in it.",
  input: z.strictObject({ lifeDaysAt20: input("Keeps at 20 °C for", "d", 1, 10_000), temperatures }),
  output: z.strictObject({ usedShare: figure("Used so far, 1 being all of it", "1") }),
  example: {
    lifeDaysAt20: 365,
    temperatures: [
      [0, 12],
      [2160, 22],
      [4320, 9],
    ],
  },
  answer: "usedShare",
  heavy: true,
  run: (i) => ({ usedShare: usedLifeShare(i.temperatures, i.lifeDaysAt20) }),
});
