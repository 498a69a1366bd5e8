import { fitGums } from "../../blending";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, readings, share } from "../fields";
import { tauHours } from "./gums";

export const gumFit = calculation({
  name: "gum-fit",
  room: "blending",
  title: "How much gum your petrol blends drop, from drains",
  equation: "least squares of drained shares on (1 − e^(−t/τ)), through the origin",
  source: "The owner's own drains",
  range: "Drains of one kind of blend, each some time after it was mixed.",
  input: z.strictObject({
    drains: z
      .array(
        z.strictObject({
          hours: input("Drained after", "h", 0.01, 100_000),
          share: share("Drained, of the blend"),
        }),
      )
      .min(1)
      .max(500)
      .meta({ title: "Drains" }),
    tauHours,
  }),
  output: z.strictObject({ fullShare: figure("Falls out in the end, of the blend", "share"), readings }),
  example: {
    drains: [
      { hours: 20, share: 0.018 },
      { hours: 48, share: 0.027 },
      { hours: 90, share: 0.029 },
    ],
    tauHours: 20,
  },
  answer: "fullShare",
  heavy: false,
  run: (i) => ({ fullShare: fitGums(i.drains, i.tauHours), readings: i.drains.length }),
});
