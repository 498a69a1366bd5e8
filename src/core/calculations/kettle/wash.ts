import { wash as washed } from "../../kettle";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { figure, input, maybe, whole } from "../fields";

export const wash = calculation({
  name: "wash",
  room: "kettle",
  title: "How many washes take the soap out",
  equation: "soap after n = soap / (1 + K·w)ⁿ",
  source: "One partition of soap between water and fuel, fitted from the owner's own titrations",
  range: "Equal washes that split cleanly. Acid in the wash turns soap into free acid, which stays in the fuel.",
  input: z.strictObject({
    soapPpm: input("Soap now", "ppm", 0, 1e6),
    washes: whole("Washes", "1", 0, 100),
    waterShare: input("Water a litre of fuel", "L/L", 0, 10),
    partition: input("Soap in the water, times as much as in the fuel", "1", 0, 1e5),
    limitPpm: input("Soap to get down to", "ppm", 0.1, 1e6),
  }),
  output: z.strictObject({
    soapPpm: figure("Soap after them", "ppm"),
    washesToLimit: maybe("Washes until it is low enough", "1"),
  }),
  example: { soapPpm: 2400, washes: 3, waterShare: 0.3, partition: 6, limitPpm: 66 },
  answer: "washesToLimit",
  heavy: false,
  run: (i) => washed(i.soapPpm, i.washes, i.waterShare, i.partition, i.limitPpm),
});
