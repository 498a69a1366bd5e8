import { LOOSE } from "../fluids";
import { litresAtHeight, maxHeightMm } from "../vessels";
import { litresByDepth } from "./contents";
import { sludgeMostMm } from "./sludgeMost";
import type { YardState } from "./state";

/** How full of muck the fullest settler is by the book, of the litres it has for it; null where there is none. */
export function settlerFullByBook(yard: YardState): number | null {
  let fullest: number | null = null;
  for (const { vessel, contents } of yard.vessels.values()) {
    const mostMm = vessel.role === "settler" ? sludgeMostMm(vessel) : null;
    if (mostMm === null) continue;
    const [sludge = 0, water = 0, fat = 0] = litresByDepth(contents, yard.parts);
    const room = litresAtHeight(vessel.shape, Math.min(mostMm, maxHeightMm(vessel.shape)));
    const share = room > 0 ? (LOOSE * (sludge + fat) + water) / room : 1;
    fullest = Math.max(fullest ?? 0, Math.min(1, share));
  }
  return fullest;
}
