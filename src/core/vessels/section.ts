import { forEachNode } from "../numerics";
import { litresFromMm3 } from "./shape";

const PANELS = 24;

/** Litres below a height, from the area of the level cut at each: for a shape whose volume is not worth a closed form. */
export function litresBySection(areaMm2: (heightMm: number) => number, fromMm: number, toMm: number): number {
  let mm3 = 0;
  forEachNode(fromMm, toMm, PANELS, (h, weight) => {
    mm3 += weight * areaMm2(h);
  });
  return litresFromMm3(mm3);
}
