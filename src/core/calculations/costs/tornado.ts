import { ASSUMPTIONS, tornado as swings, WAY_IDS } from "../../costs";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, word } from "../fields";
import { waysInput, waysTask } from "./waysTask";

export const tornado = calculation({
  name: "tornado",
  room: "costs",
  title: "Which assumption turns the choice",
  equation: "every price and mark by itself so much lower and higher; all ways compared again each time",
  source: "Own reckoning, over the comparison of ways",
  range: "As the comparison of ways.",
  input: waysInput.extend({ by: input("Lower and higher by", "share", 0.01, 0.9).default(0.25) }),
  output: z.strictObject({
    best: word("Cheapest a megajoule now", WAY_IDS),
    perMJ: figure("It costs", "money/MJ"),
    swings: z
      .array(
        z.strictObject({
          assumption: word("Assumption", ASSUMPTIONS),
          lowPerMJ: figure("Lower, it costs", "money/MJ"),
          highPerMJ: figure("Higher, it costs", "money/MJ"),
          lowBest: word("Lower, cheapest is", WAY_IDS),
          highBest: word("Higher, cheapest is", WAY_IDS),
          flips: z.boolean().meta({ title: "Turns the choice" }),
        }),
      )
      .meta({ title: "What swings most first" }),
  }),
  example: { oil: "canola", usedFactor: 1.15, lowCelsius: -2, limitMm2PerS: 15 },
  answer: "perMJ",
  heavy: true,
  run({ by, ...i }) {
    const { swings: all, ...now } = swings(waysTask(i), by);
    return { ...now, swings: [...all] };
  },
});
