import { type Arrangement, burnLitresPerMinute } from "./arrangement";

/** The return comes round to the engine side: only what is burned flows on. Source: physics §6. */
export const loop = {
  id: "loop",
  name: "Loops",
  returnsTo: "engine",
  usualTanksInSeries: 1,
  mixesAs: "one stirred tank, as a looped return mixes",
  purgeLitresPerMinute: burnLitresPerMinute,
  dieselToOilTank: () => 0,
} as const satisfies Arrangement;
