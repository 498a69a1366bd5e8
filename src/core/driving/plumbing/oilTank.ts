import { type Arrangement, burnLitresPerMinute } from "./arrangement";

/** The return goes back to the oil tank: the whole pump's flow purges, and what is not burned goes there. Physics §6. */
export const oilTank = {
  id: "oil-tank",
  name: "To the oil tank",
  returnsTo: "oil-tank",
  usualTanksInSeries: 3,
  mixesAs: "stirred tanks in a row, as plumbed",
  purgeLitresPerMinute: (line) => line.pumpLitresPerMinute,
  dieselToOilTank: (line, minutes) => Math.max(0, line.pumpLitresPerMinute - burnLitresPerMinute(line)) * minutes,
} as const satisfies Arrangement;
