import type { DirtDensity } from "../../settling";
import type { Settling } from "../vessel/standing";

/** Shares of each kind of dirt that still hang above the line: as forecast, class by class. */
export interface HangingByKind {
  readonly sludge: number;
  readonly water: number;
  readonly fat: number;
}

const KIND_OF: Readonly<Record<DirtDensity["kind"], keyof HangingByKind>> = {
  fixed: "sludge",
  water: "water",
  "over-oil": "fat",
};

/** Of a kind with several sizes the mean, by how much usually comes of each. */
export function hangingByKind({ spectrum }: Pick<Settling, "spectrum">): HangingByKind {
  const share = (kind: keyof HangingByKind): number => {
    let [came, hangs] = [0, 0];
    for (const d of spectrum) {
      if (KIND_OF[d.density.kind] !== kind) continue;
      came += d.volumeShare;
      hangs += d.volumeShare * d.hangingShare;
    }
    return came > 0 ? Math.round((1000 * hangs) / came) / 1000 : 0;
  };
  return { sludge: share("sludge"), water: share("water"), fat: share("fat") };
}
