import type { PastLine } from "@/core/readings/settle/taken";
import type { Units } from "./units";

/** How oil is taken out of a vessel that stands. */
export const TAKEN_CHOICES = [
  { value: "top", name: "Off the top" },
  { value: "bottom", name: "Bottom tap" },
  { value: "mixed", name: "Stirred up" },
] as const;

/** What comes along where more is taken than stands above the draw-off line: said before it is. */
export function wordPastLine({ litres, kinds }: PastLine, units: Pick<Units, "litres">): string {
  const along = kinds.length > 0 ? `${listed(kinds)} with it` : "what still hangs low comes along";
  return `${units.litres(litres)} of it from below the draw-off line: ${along}.`;
}

const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words.at(-1)}`;
