import type { ColdFailure } from "@/core/blending";
import type { ColdJar } from "@/core/ledger";
import type { Cold } from "@/core/readings/vessel/cold";
import { shortDay } from "./times";
import type { Units } from "./units";

/** What happens first as it cools. */
export const FAILURE_WORDS: Readonly<Record<ColdFailure, string>> = {
  fat: "fat falls out",
  cloud: "wax falls out",
  pour: "it sets",
  viscosity: "it is too thick",
};

/** "Fat falls out below 12 °C"; what holds says so too. */
export function wordCold(cold: Cold, units: Units): string {
  if (cold.fails === "none") return `Stands tonight's ${units.celsius(cold.lowCelsius)}`;
  const words = FAILURE_WORDS[cold.fails];
  const what = `${words[0]?.toUpperCase()}${words.slice(1)}`;
  return cold.belowCelsius === null
    ? `${what} at any temperature`
    : `${what} below ${units.celsius(cold.belowCelsius)}`;
}

/** What it rests on: an estimate, or a jar of the owner's own. */
export const coldRestsOn = (jar: ColdJar | null, units: Units): string =>
  jar === null
    ? "By estimate: a jar of it left in the cold overnight overrules it."
    : `Your jar of ${shortDay(jar.at)} came out ${JAR_CAME[jar.saw]} at ${units.celsius(jar.celsius)}. That overrules the estimate.`;

const JAR_CAME: Readonly<Record<ColdJar["saw"], string>> = { clear: "clear", cloudy: "cloudy", set: "set" };
