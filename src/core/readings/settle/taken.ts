import type { HungByKind, Layer } from "../../ledger";
import type { Settling } from "../vessel/standing";
import type { VesselView } from "../vessel/vesselView";
import { hungByKind } from "./hanging";

type Standing = Pick<VesselView, "settling" | "station" | "layers">;

/** Put there to settle: a tub that feeds a line, or a drum that waits for one, is emptied as it is. */
export const standsToSettle = ({ settling, station }: Pick<VesselView, "settling" | "station">): Settling | null =>
  station === "settle" ? settling : null;

/** Oil that stands is taken off its top unless somebody says otherwise; what does not settle is alike all through. */
export const usualLayer = (v: Pick<VesselView, "settling" | "station">): Layer => (standsToSettle(v) ? "top" : "mixed");

/** As an entry says how oil was taken out of a vessel; with what still hung in it, where it came off the top. */
export function takenAs(
  v: Pick<VesselView, "settling" | "station">,
  layer: Layer,
): { readonly layer: Layer; readonly hanging?: HungByKind } {
  const settling = standsToSettle(v);
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
export function pastLine(v: Standing, litres: number): PastLine | null {
  const settling = standsToSettle(v);
  if (!settling || litres <= settling.drawableLitres + SLACK_LITRES) return null;
  const kinds = v.layers.flatMap((l) =>
    l.kind === "fat" || l.kind === "water" || l.kind === "sludge" ? [l.kind] : [],
  );
  return { litres: litres - settling.drawableLitres, kinds: kinds.reverse() };
}
