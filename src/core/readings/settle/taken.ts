import type { HungByKind, Layer } from "../../ledger";
import type { VesselView } from "../vessel/vesselView";
import { hungByKind } from "./hanging";

type Standing = Pick<VesselView, "settling" | "layers">;

/** Oil that stands is taken off its top unless somebody says otherwise; what does not settle is alike all through. */
export const usualLayer = ({ settling }: Pick<VesselView, "settling">): Layer => (settling ? "top" : "mixed");

/** As an entry says how oil was taken out of a vessel; with what still hung in it, where it came off the top. */
export function takenAs(
  { settling }: Pick<VesselView, "settling">,
  layer: Layer,
): { readonly layer: Layer; readonly hanging?: HungByKind } {
  return layer === "top" && settling ? { layer, hanging: hungByKind(settling) } : { layer };
}

/** A pour is not stopped to the drop. */
const SLACK_LITRES = 0.5;

export interface PastLine {
  /** Of what is taken, this lies below the draw-off line. */
  readonly litres: number;
  /** What lies down there, the highest first; none: what still hangs low. */
  readonly kinds: readonly ("fat" | "water" | "sludge")[];
}

/** What comes along where more is taken off the top than stands above the draw-off line; null where no more is. */
export function pastLine({ settling, layers }: Standing, litres: number): PastLine | null {
  if (!settling || litres <= settling.drawableLitres + SLACK_LITRES) return null;
  const kinds = layers.flatMap((l) => (l.kind === "fat" || l.kind === "water" || l.kind === "sludge" ? [l.kind] : []));
  return { litres: litres - settling.drawableLitres, kinds: kinds.reverse() };
}
