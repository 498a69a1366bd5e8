import { type ClassFront, DIRT, type DirtDensity } from "../../settling";
import type { Settling } from "../vessel/standing";

/** Shares of each kind of dirt that still hang above the line: as the fronts say, class by class. */
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
export function hangingByKind({ fronts, dirt }: Pick<Settling, "fronts" | "dirt">): HangingByKind {
  const sums: Record<keyof HangingByKind, { came: number; hangs: number }> = {
    sludge: { came: 0, hangs: 0 },
    water: { came: 0, hangs: 0 },
    fat: { came: 0, hangs: 0 },
  };
  for (const { density, volumeShare, front } of DIRT[dirt].flatMap((c) => withFront(c, fronts))) {
    const of = sums[KIND_OF[density.kind]];
    of.came += volumeShare;
    of.hangs += volumeShare * front.hanging;
  }
  const share = ({ came, hangs }: { came: number; hangs: number }): number =>
    came > 0 ? Math.round((1000 * hangs) / came) / 1000 : 0;
  return { sludge: share(sums.sludge), water: share(sums.water), fat: share(sums.fat) };
}

const withFront = (c: (typeof DIRT)[keyof typeof DIRT][number], fronts: readonly ClassFront[]) => {
  const front = fronts.find((f) => f.name === c.name);
  return front ? [{ ...c, front }] : [];
};
