import { DIRT_KINDS, FLUIDS, likeOf } from "../fluids";
import type { Place, PlaceId, Settings, Source, Vessel } from "../ledger";
import { holdsLitres, litresAtHeight, maxHeightMm } from "../vessels";

/** Small terms that screens and rules share; apart from the rest so that a screen's script stays light. */

/** Oil swells by a fiftieth from a frosty morning to a hot afternoon, and a full can slops. */
export const SAFE_SHARE = 0.95;
export const safeLitres = (vessel: Vessel): number => SAFE_SHARE * holdsLitres(vessel);

/** A litre of oil with its share of the container. */
export const KG_PER_LITRE = 1;

/** Engine and gearbox oil is kept apart. */
export const staysApart = (s: Pick<Source, "dirt" | "fluid">): boolean =>
  (s.dirt !== undefined && DIRT_KINDS[s.dirt].seenAs === "engine") ||
  (s.fluid !== undefined && FLUIDS[likeOf(s.fluid)].family === "engine");

const USUAL_MINUTES = 15;
export const minutesAt = (s: Source): number => s.minutesThere ?? USUAL_MINUTES;

/** Money a collected litre is worth: what of it becomes fuel saves the fuel's price, less what they ask for it. */
export const valuePerLitre = (s: Source, usableShare: number, settings: Settings): number =>
  usableShare * settings.fuelPricePerLitre - (s.pricePerLitre ?? 0);

/**
 * Where a container's raw oil is tipped in to settle: aboard, where a bus settles its own or stands away; else at home
 * (null), since a trailer that stands at home is emptied there.
 */
export function tippedAt({ place: id }: Vessel, places: readonly Place[], vessels: readonly Vessel[]): PlaceId | null {
  const place = places.find((p) => p.id === id);
  if (!place) return null;
  const settlesAboard = vessels.some((v) => v.role === "settling" && v.place === place.id);
  return place.spot || settlesAboard ? place.id : null;
}

/** Of the litres that a cone has for it: by height that is four fifths. */
export const SLUDGE_FULL = 0.6;

/** How full of muck a settler is: by litres, as its owner counts, and never by the stick alone. */
export function sludgeShare({ shape }: Pick<Vessel, "shape">, topMm: number, mostMm: number): number {
  const litresTo = (mm: number): number => litresAtHeight(shape, Math.min(mm, maxHeightMm(shape)));
  const room = litresTo(mostMm);
  return room > 0 ? litresTo(topMm) / room : 1;
}

/** How much warmer or colder a shed is thought, to see what that would do. */
export const WARMER_K = 5;

/** A stick is read to some millimetres, and a tall one worse: what lies within is no difference. */
export const stickErrorMm = (rimMm: number): number => Math.max(6, 0.01 * rimMm);
