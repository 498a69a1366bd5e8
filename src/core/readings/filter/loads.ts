import type { DirtLoad } from "../../filtration/cascade";
import type { Liquid } from "../../fluids";
import type { Layer } from "../../ledger";
import { dirtKgPerM3 } from "../../settling/dirt";
import { HUNG_AS } from "../settle/hanging";
import type { VesselView } from "../vessel/vesselView";

/** Drawn-off oil has left its coarse grains behind: what the book has in it is of these, µm and kg/m³. */
const DRAWN = {
  sludge: { diameterUm: 16, kgPerM3: 1150 },
  "fryer-fat": { diameterUm: 80, kgPerM3: 940 },
} as const;
type Muck = keyof typeof DRAWN;
const MUCK = Object.keys(DRAWN) as Muck[];

type Fed = Pick<VesselView, "settling" | "components" | "litres" | "station">;

/** How a run takes it out of the feed. */
export interface Draw {
  readonly layer: Layer;
  readonly litres: number;
}

/** Litres of the feed that are muck of a kind, by the book. */
const muckLitres = (v: Fed, kind: Muck): number =>
  v.components.reduce((sum, c) => (c.component === kind ? sum + c.litres : sum), 0);

/** Share of the feed that is muck of a kind. */
const shareOf = (v: Fed, kind: Muck): number => (v.litres > 0 ? muckLitres(v, kind) / v.litres : 0);

/** The same of what a run takes: stirred up as the feed, out of the bottom tap the muck before the oil. */
function shareTaken(v: Fed, kind: Muck, draw: Draw): number {
  if (draw.layer !== "bottom" || draw.litres <= 0) return shareOf(v, kind);
  const all = MUCK.reduce((sum, k) => sum + muckLitres(v, k), 0);
  return all > 0 ? (muckLitres(v, kind) / all) * Math.min(1, all / draw.litres) : 0;
}

/**
 * Grams a litre that the bags of a run will meet. Out of a settling vessel the classes that still hang there, as wide as
 * this shed's own readings have them, in all as much as the book says; else what the book has in the feed. Water runs
 * through a bag and is drained.
 */
export function loadsOf(v: Fed, draw: Draw, liquid: Liquid, celsius: number): DirtLoad[] {
  const { settling, station } = v;
  if (!settling || station !== "settle" || draw.layer !== "top")
    return MUCK.flatMap((kind) => {
      const { diameterUm, kgPerM3 } = DRAWN[kind];
      const share = shareTaken(v, kind, draw);
      return share > 0 ? [{ diameterUm, gramsPerLitre: share * kgPerM3 }] : [];
    });
  return MUCK.flatMap((kind) => {
    const classes = settling.spectrum.filter((d) => HUNG_AS[d.density.kind] === (kind === "sludge" ? "sludge" : "fat"));
    const typical = classes.reduce((sum, d) => sum + d.volumeShare, 0);
    const times = typical > 0 ? shareOf(v, kind) / typical : 0;
    return classes.map((d) => ({
      diameterUm: d.diameterUm,
      gramsPerLitre: times * d.volumeShare * dirtKgPerM3(d.density, liquid, celsius) * d.hangingShare,
    }));
  });
}
