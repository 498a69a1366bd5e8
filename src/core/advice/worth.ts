import type { Settings } from "../ledger";
import type { VesselReading } from "../readings";
import { isCreamy } from "../readings/vessel/family";
import { holdsLitres } from "../vessels";

/** Nothing under this is worth setting up a hose for. */
export const WORTH_DRAWING_LITRES = 5;
export const LEAST_HEEL_LITRES = 1;

/** Text order is time order. */
export const later = (a: string, b: string): string => [a, b].sort()[1] ?? b;

export const roomIn = ({ state }: VesselReading): number => holdsLitres(state.vessel) - state.contents.total;

/** Why what is left in a vessel belongs with the other heels; null: it does not. */
export type Pooled = "drawn" | "creamy";
const whyPooled = ({ state, standing }: VesselReading, settings: Settings): Pooled | null => {
  if (state.vessel.role === "settling" && state.drawnAt !== null) return "drawn";
  // A creamy pail of which nothing comes clear is a heel too; one that is away is emptied where it comes home.
  return state.vessel.role === "raw" && !state.vessel.place && isCreamy(standing, settings) ? "creamy" : null;
};

/** Where what a vessel keeps is pooled with the other heels, at home and where all of it fits; null: nowhere, or not yet. */
export function pooledInto(
  from: VesselReading,
  vessels: readonly VesselReading[],
  settings: Settings,
): { readonly tub: VesselReading; readonly because: Pooled } | null {
  const because = whyPooled(from, settings);
  const tub = vessels.find((v) => v.state.vessel.role === "heel" && !v.state.vessel.place);
  const { litres, settling } = from.standing;
  if (!because || !tub || litres < LEAST_HEEL_LITRES || litres > roomIn(tub)) return null;
  return (settling?.drawableLitres ?? 0) >= WORTH_DRAWING_LITRES ? null : { tub, because };
}
