import { fitPartition } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { input, maybe, whole } from "../fields";

export const washFit = calculation({
  name: "wash-fit",
  room: "kettle",
  title: "How well water takes soap, by one's own washes",
  equation: "K = ((before/after)^(1/n) − 1)/w, the middle one of all",
  source: "The wash calculation turned round",
  range: "Soap titrated before and after washes of equal waters. No answer where none came down.",
  input: z.strictObject({
    seen: z
      .array(
        z.strictObject({
          beforePpm: input("Soap before", "ppm", 1, 1e6),
          afterPpm: input("Soap after", "ppm", 0, 1e6),
          washes: whole("Washes", "1", 1, 20),
          waterShare: input("Water a litre of fuel, each", "L/L", 0.001, 10),
        }),
      )
      .min(1)
      .max(50)
      .meta({ title: "Each wash or run of washes" }),
  }),
  output: z.strictObject({ partition: maybe("Soap in water over soap in fuel", "1") }),
  example: { seen: [{ beforePpm: 1460, afterPpm: 61, washes: 3, waterShare: 0.3 }] },
  answer: "partition",
  heavy: false,
  run: (i) => ({ partition: fitPartition(i.seen) }),
});
