import type { HungByKind } from "../../ledger";
import type { DirtDensity } from "../../settling";
import type { Settling } from "../vessel/standing";

/** Which kind of dirt a class is, by how heavy it is. */
export const HUNG_AS: Readonly<Record<DirtDensity["kind"], keyof HungByKind>> = {
  fixed: "sludge",
  water: "water",
  "over-oil": "fat",
};

/** Of a kind with several sizes the mean, by how much usually comes of each. */
export function hungByKind({ spectrum }: Pick<Settling, "spectrum">): HungByKind {
  const share = (kind: keyof HungByKind): number => {
    let [came, hangs] = [0, 0];
    for (const d of spectrum) {
      if (HUNG_AS[d.density.kind] !== kind) continue;
      came += d.volumeShare;
      hangs += d.volumeShare * d.hangingShare;
    }
    return came > 0 ? Math.round((1000 * hangs) / came) / 1000 : 0;
  };
  return { sludge: share("sludge"), water: share("water"), fat: share("fat") };
}
