import type { VesselWord } from "@/core/facts";
import type { Units } from "./units";

type Words = readonly [is: string, workedOff: string];
const RAW: Words = ["Oil that never cleared", "Do not burn it. Pump it back to settle, or run it through the bags."];
const GUMS: Words = [
  "A petrol blend that was not ready",
  "Pump it out, let it stand a day, drain it, and look at a jar.",
];
const CAUSTIC: Words = ["Lye on what it eats", "Pour it into polyethylene before it leaks."];
const KETTLE: Words = ["Chemicals in a kettle that is not looked over", "Walk it down before any heat."];
const WRONG_PLACE = "Pump it to the kettle, its own can, or the waste.";
const TO_A_CAN = "Pour it into a can for petrol, outdoors.";

/** What stands on a vessel that is not as it should be, and how it is worked off, by the gates' codes. */
const WORDS: Readonly<Record<string, Words>> = {
  "petrol-in-kettle": ["Petrol in a kettle", `Never warm it. ${TO_A_CAN}`],
  "petrol-in-unfit-vessel": ["Petrol in what is not made for it", TO_A_CAN],
  "poison-in-food-vessel": ["Poison in a food container", "Pour it out, and never use this one for food again."],
  "caustic-eats-metal": CAUSTIC,
  "caustic-swells-rubber": CAUSTIC,
  "lye-meets-acid": ["Lye and strong acid together", "Stand back and let it cool, then to where chemicals are taken."],
  "methanol-in-oil": ["Methanol, poison, in oil or fuel", WRONG_PLACE],
  "lye-in-oil": ["Lye in oil or fuel", WRONG_PLACE],
  "acid-in-oil": ["Acid in oil or fuel", WRONG_PLACE],
  "glycerol-in-oil": ["Glycerol or soap in oil or fuel", WRONG_PLACE],
  "wash-water-in-oil": ["Water in what is to be burned", "Let it settle, drain it below, and test for water."],
  "ester-not-tested": ["Ester that has not passed", "No fuel yet. Test it, or pump it back to the wash tank."],
  "ester-failed": ["Ester that failed a test", "No fuel. Pump it back to the kettle and rework it."],
  "raw-into-fuel": RAW,
  "slops-into-fuel": RAW,
  "not-cleared-into-fuel": RAW,
  "unfiltered-into-tank": ["Oil that has seen no bag", "Pump it out and run it through the line."],
  "wet-into-fuel": ["Wet oil", "Drain the water, and test it again."],
  "water-not-tested": ["Oil that nobody tested for water", "A spoonful of it in a hot pan says."],
  "engine-oil-into-tank": ["Engine oil through no fine bag", "Pump it out and filter it to 10 µm or less."],
  "engine-oil-and-petrol": ["Uncleaned engine oil with petrol", "Let it stand, drain it, and keep it out of a tank."],
  "petrol-not-stood": GUMS,
  "petrol-not-drained": GUMS,
  "petrol-not-clear": GUMS,
  "petrol-dark-not-tested": [
    "A black blend that nobody tested",
    "Pump it out, drain its sludge, then a drop on paper and a paper filter.",
  ],
  "black-blend-not-here": [
    "A black blend in an engine that is not for it",
    "Pump it out, or say that it runs on such.",
  ],
  "petrol-mixed-in-vehicle": GUMS,
  "neat-petrol-into-vehicle": ["Mostly petrol in a diesel's tank", "Do not start it. Pump it out."],
  "dyed-for-the-road": ["Dyed fuel in a road vehicle", "Pump it out, or burn it off the road."],
  "untried-recipe": ["A blend that is new to this engine", "Watch smoke, sound, and the filter's drop."],
  "creamy-into-vehicle": ["Creamy oil", "It sets in the cold: burn it warm, or pump it out."],
  "kettle-not-walked": KETTLE,
  "kettle-not-safe": KETTLE,
};

/** "Ester that has not passed, 12 L". */
export function amissWords(w: VesselWord, units: Units): string {
  const [is = "Something that the app refused"] = WORDS[w.code] ?? [];
  return w.litres === null ? is : `${is}, ${units.litres(w.litres)}`;
}

/** What to do about it. */
export const workOffWords = (w: VesselWord): string => WORDS[w.code]?.[1] ?? "";
