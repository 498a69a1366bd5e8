import type { BagState, Line, LineId } from "../../ledger";
import type { BagView } from "./bagView";

/** A filter line as it hangs, its elements in the order that oil meets them. */
export interface LineView {
  readonly line: Line;
  readonly elements: readonly BagView[];
  /** Somebody has said how it hangs. */
  readonly isSaid: boolean;
}

/** Until somebody has said how they hang, all hang in one line at home, coarse first. */
export const FIRST_LINE = "line-home" as LineId;

const coarseFirst = (a: BagState, b: BagState): number =>
  (b.bag.ratingUm ?? Number.POSITIVE_INFINITY) - (a.bag.ratingUm ?? Number.POSITIVE_INFINITY);

/** Lines as they were said, or the one that everybody starts with. */
export function linesOf(said: readonly Line[], bags: readonly BagState[]): readonly Line[] {
  if (said.length > 0) return said;
  return [{ id: FIRST_LINE, name: "Line in the shed", elements: [...bags].sort(coarseFirst).map((b) => b.bag.id) }];
}

export function lineViews(lines: readonly Line[], bags: readonly BagView[], isSaid: boolean): LineView[] {
  return lines.map((line) => ({
    line,
    elements: line.elements.flatMap((id) => bags.find((b) => b.bag.id === id) ?? []),
    isSaid,
  }));
}
