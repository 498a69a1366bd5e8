import { liquidOf } from "../../blending";
import type { Liquid } from "../../fluids";
import type { SuctionHose } from "../../pumping";
import * as z from "../../zod";
import { celsius, fluidsOf, input, own } from "../fields";
import { mixOf, parts } from "../mixes";

/** Oil, its temperature and the hose it is drawn through. */
export const drawn = {
  parts,
  celsius: celsius("Oil"),
  boreMm: input("Bore of the hose", "mm", 1, 500),
  lengthM: input("Length of the hose", "m", 0.01, 1000),
  liftM: input("Pump stands above the oil by", "m", -10, 20),
  own,
};
const Drawn = z.strictObject(drawn);

export function drawnThrough(i: z.output<typeof Drawn>): { readonly liquid: Liquid; readonly hose: SuctionHose } {
  return {
    liquid: liquidOf(mixOf(i.parts, fluidsOf(i))),
    hose: { boreMm: i.boreMm, lengthM: i.lengthM, liftM: i.liftM },
  };
}
