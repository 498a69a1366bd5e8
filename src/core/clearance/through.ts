import type { BagId, YardState } from "../ledger";

/** The finest rating of what oil goes through, µm; null where it is nothing, or nothing that anybody knows the rating of. */
export function throughUm(yard: YardState, through: readonly BagId[]): number | null {
  const known = through.flatMap((id) => yard.bags.get(id)?.bag.ratingUm ?? []);
  return known.length === 0 ? null : Math.min(...known);
}
