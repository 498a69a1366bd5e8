import type { HungByKind } from "../../ledger";
import type { DirtDensity } from "../../settling";
import type { Settling } from "../vessel/standing";
import type { Hanging } from "./spectrum";

/** Which kind of dirt a class is, by how heavy it is. */
export const HUNG_AS: Readonly<Record<DirtDensity["kind"], keyof HungByKind>> = {
  fixed: "sludge",
  water: "water",
  "over-oil": "fat",
};

/** A draw from the surface down to a line, and the draw-off line that the shares were told for. */
export interface Drawn {
  readonly surfaceMm: number;
  readonly lineMm: number;
  readonly drawOffMm: number;
}

/**
 * What hangs of a class in what is drawn, 0 to 1 of what came. Above its front there is none, and under it it is
 * alike at every depth: a part draw off the top takes less of it along than one down to the draw-off line.
 */
export function hungInDrawn(
  d: Pick<Hanging, "hangingShare" | "clearedAboveMm">,
  { surfaceMm, lineMm, drawOffMm }: Drawn,
): number {
  if (d.clearedAboveMm === null || surfaceMm <= lineMm || d.clearedAboveMm <= drawOffMm) return d.hangingShare;
  const under = (mm: number): number => Math.max(0, (d.clearedAboveMm ?? surfaceMm) - mm) / (surfaceMm - mm);
  return Math.min(1, (d.hangingShare * under(lineMm)) / under(drawOffMm));
}

/**
 * What hangs of each kind, 0 to 1 of what came: in what is drawn down to a line, or else in all above the draw-off
 * line. Of a kind with several sizes the mean, by how much usually comes of each.
 */
export function hungByKind({ spectrum }: Pick<Settling, "spectrum">, drawn?: Drawn): HungByKind {
  const share = (kind: keyof HungByKind): number => {
    let [came, hangs] = [0, 0];
    for (const d of spectrum) {
      if (HUNG_AS[d.density.kind] !== kind) continue;
      came += d.volumeShare;
      hangs += d.volumeShare * (drawn ? hungInDrawn(d, drawn) : d.hangingShare);
    }
    return came > 0 ? Math.round((1000 * hangs) / came) / 1000 : 0;
  };
  return { sludge: share("sludge"), water: share("water"), fat: share("fat") };
}
