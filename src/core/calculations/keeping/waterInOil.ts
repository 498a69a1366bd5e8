import { USUAL_SOLUBILITY, waterInOil as water } from "../../keeping";
import { Refused } from "../../numerics";
import * as z from "../../zod";
import { calculation } from "../calculation";
import { celsius, figure, input } from "../fields";

const MOST_PPM = 1e6;
const Pair = z.tuple([celsius("Temperature"), input("Dissolves", "ppm", 1, 1e5)]);
type Pair = z.output<typeof Pair>;

export const waterInOil = calculation({
  name: "water-in-oil",
  room: "keeping",
  title: "Dry when warm, cloudy when cold",
  equation: "log₁₀ ppm = a − b/T through two pairs;  free = what is over it",
  source: "710 ppm at −1 °C and 1410 ppm at 32 °C for cottonseed oil, Parsons & Holmberg 1937",
  range: "Clear vegetable oil, −40 to 150 °C; fried oil and soap hold more.",
  input: z.strictObject({
    ppm: input("Water in it", "ppm", 0, 1e6),
    celsius: celsius("Now at"),
    coolToCelsius: celsius("Will cool to"),
    pairs: z
      .tuple([Pair, Pair])
      .refine(([[a], [b]]) => Math.abs(a - b) >= 1, "must be of two temperatures")
      .default(USUAL_SOLUBILITY as [Pair, Pair])
      .meta({ title: "What it dissolves, °C and ppm" }),
  }),
  output: z.strictObject({
    freeCoolPpm: figure("Free once cool", "ppm"),
    freeNowPpm: figure("Free now", "ppm"),
    dissolvesPpm: figure("Dissolves now", "ppm"),
    dissolvesCoolPpm: figure("Dissolves once cool", "ppm"),
  }),
  example: { ppm: 1100, celsius: 25, coolToCelsius: 3 },
  answer: "freeCoolPpm",
  heavy: false,
  run(i) {
    const found = water(i.ppm, i.celsius, i.coolToCelsius, i.pairs);
    // Two pairs close together, or steep ones, lead nowhere far from them.
    if (!(found.dissolvesPpm <= MOST_PPM && found.dissolvesCoolPpm <= MOST_PPM))
      throw new Refused("pairs", "would dissolve more water than there is oil at that temperature");
    return found;
  },
});
