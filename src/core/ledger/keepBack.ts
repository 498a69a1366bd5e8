import { type Contents, EMPTY, takeLayer } from "./contents";
import type { YardState } from "./state";

/** What a bag or a bowl keeps back of what went through it: the muck first, only then oil that clings to it. */
export function keepBack(yard: YardState, through: Contents, share: number): { kept: Contents; clean: Contents } {
  if (share <= 0) return { kept: EMPTY, clean: through };
  const { taken, left } = takeLayer(through, yard.parts, share * through.total, "bottom", 0);
  return { kept: taken, clean: left };
}
