import type { WaysTask } from "@/core/costs";
import type { YardView } from "@/core/view";
import { ownIn } from "@/ui/words";

/** A comparison as its calculations take it. */
export function waysInputOf({ oil, fluids: _, prices, marks, ...rest }: WaysTask, view: YardView) {
  return { ...rest, ...prices, ...marks, oil: oil.fluid.id, usedFactor: oil.usedFactor, ...ownIn(view) };
}
