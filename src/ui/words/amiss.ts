import type { VesselWord } from "@/core/facts";
import type { Units } from "./units";

/** What stands on a vessel that is not as it should be, and how it is worked off, by the gates' codes. */
const WORDS: Readonly<Record<string, readonly [is: string, workedOff: string]>> = {
  "petrol-in-kettle": ["Petrol in a kettle", "Never warm it. Pour it into a can for petrol, outdoors."],
  "petrol-in-unfit-vessel": ["Petrol in what is not made for it", "Pour it into a can for petrol, outdoors."],
  "poison-in-food-vessel": ["Poison in a food container", "Pour it out, and never use this one for food again."],
  "caustic-eats-metal": ["Lye in a metal that it eats", "Pour it into polyethylene or steel before it leaks."],
  "caustic-swells-rubber": ["Lye on rubber that it swells", "Pour it into polyethylene before it leaks."],
  "lye-meets-acid": ["Lye and strong acid together", "Stand back, let it cool, and take it where chemicals are taken."],
  "methanol-in-oil": ["Methanol, poison, where oil or fuel is looked for", "Pump it into a closed can for chemicals."],
  "lye-in-oil": [
    "Lye where oil or fuel is looked for",
    "It burns and eats pumps: move it to the kettle's tub or the waste.",
  ],
  "acid-in-oil": [
    "Acid where oil or fuel is looked for",
    "It burns and eats pumps: move it to the kettle's tub or the waste.",
  ],
  "glycerol-in-oil": [
    "Glycerol or soap where oil or fuel is looked for",
    "Let it settle, and drain it to the glycerol tub.",
  ],
  "wash-water-in-oil": ["Water in what is to be burned", "Let it settle, drain it below, and test for water."],
  "ester-not-tested": ["Ester that has not passed", "No fuel yet. Test it, or pump it back to the wash tank."],
  "ester-failed": ["Ester that failed a test", "No fuel. Pump it back to the kettle and rework it."],
  "raw-into-fuel": ["Oil that never cleared", "Do not burn it. Pump it back to settle, or run it through the bags."],
  "slops-into-fuel": ["Slops", "Do not burn it. Pump it back to the heels."],
  "not-cleared-into-fuel": ["Oil that had not cleared", "Do not burn it. Pump it back to settle."],
  "unfiltered-into-tank": [
    "Oil that has seen no bag",
    "Pump it out and run it through the line; carry a spare filter until then.",
  ],
  "wet-into-fuel": ["Wet oil", "Drain the water, and test it again."],
  "engine-oil-into-tank": ["Engine oil through no fine bag", "Pump it out and filter it to 10 µm or less."],
  "engine-oil-and-petrol": ["Uncleaned engine oil with petrol", "Let it stand, drain it, and keep it out of a tank."],
  "petrol-not-stood": ["A petrol blend that had not stood", "Pump it out, let it stand a day, and drain it."],
  "petrol-not-drained": ["A petrol blend that was not drained", "Pump it out, let it stand a day, and drain it."],
  "petrol-not-clear": ["A petrol blend without a clear jar", "Look at a jar of it before it is driven on."],
  "petrol-mixed-in-vehicle": ["Petrol mixed in a vehicle's tank", "Pump it out, let it stand a day, and drain it."],
  "neat-petrol-into-vehicle": ["Mostly petrol in a diesel's tank", "Do not start it. Pump it out."],
  "dyed-for-the-road": [
    "Dyed fuel in a road vehicle",
    "Your local law most likely forbids it: pump it out, or burn it off the road.",
  ],
  "untried-recipe": ["A blend that is new to this engine", "Watch it: smoke, sound, the filter's drop."],
  "creamy-into-vehicle": ["Creamy oil", "It sets in the cold: burn it warm, or pump it out for the kettle."],
  "kettle-not-walked": ["Chemicals in a kettle that nobody has looked over", "Walk it down before any heat."],
  "kettle-not-safe": [
    "Chemicals in a kettle that is not as it should be",
    "Put it right and walk it down again before any heat.",
  ],
};

/** "Ester that has not passed, 12 L". */
export function amissWords(w: VesselWord, units: Units): string {
  const [is = "Something that the app refused"] = WORDS[w.code] ?? [];
  return w.litres === null ? is : `${is}, ${units.litres(w.litres)}`;
}

/** What to do about it. */
export const workOffWords = (w: VesselWord): string => WORDS[w.code]?.[1] ?? "";
