import type { BagId } from "./ids";
import type { YardState } from "./state";

/** What of a row of bags, cartridges and strainers is known of its rating, µm; a cloth that nobody knows proves nothing. */
export const ratingsOf = ({ bags }: YardState, through: readonly BagId[]): number[] =>
  through.flatMap((id) => bags.get(id)?.bag.ratingUm ?? []);

/** The finest that oil has been through: now, or before; null where nothing is known. */
export const finestOf = (before: number | null, ratings: readonly number[]): number | null =>
  ratings.length === 0 ? before : Math.min(before ?? Number.POSITIVE_INFINITY, ...ratings);

/** The finest of what it goes through now, µm; null where it is nothing, or nothing that anybody knows the rating of. */
export const throughUm = (yard: YardState, through: readonly BagId[]): number | null =>
  finestOf(null, ratingsOf(yard, through));
