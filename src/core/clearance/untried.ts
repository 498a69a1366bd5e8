import { type Draft, isRisky, type Shares, sharesOfLitres, sharesOfRecipe, type YardState } from "../ledger";
import { isProven, isTried } from "../readings/blend/recipes";
import { vehicleOf } from "./dye";
import type { FitnessRefusal } from "./fitness";
import { flowsInto, fluidsPoured, fluidsStanding } from "./pours";

/** Under this much oil it is bought fuel with a trace, over it in both a blend. */
const BLEND_SHARE = 0.05;
/** A top-up with thinner makes nothing new of what stands there. */
const NO_MORE_OIL = 0.005;

/**
 * A good engine is kept from a blend that is new to it: until a recipe like it has climbed the ladder, or the engine has
 * run on as much of the same before.
 */
export function untriedIn(yard: YardState, draft: Draft): FitnessRefusal[] {
  return [...flowsInto(draft)].flatMap(([tank, flows]): FitnessRefusal[] => {
    const state = vehicleOf(yard, tank);
    if (!state || state.vehicle.isTryOut === true) return [];
    const before = fluidsStanding(yard, tank);
    const after =
      draft.kind === "blend" && draft.data.aim
        ? sharesOfRecipe({ parts: draft.data.aim })
        : sharesOfLitres([...before, ...flows.flatMap((f) => fluidsPoured(yard, f))]);
    const oil = riskyShare(after);
    if (oil < BLEND_SHARE || oil > 1 - BLEND_SHARE || oil <= riskyShare(sharesOfLitres(before)) + NO_MORE_OIL)
      return [];
    const proven = [...yard.recipes.values()].filter(isProven).map((r) => sharesOfRecipe(r.recipe));
    if (isTried(after, proven, state.ranOn)) return [];
    return [{ code: "untried-recipe", from: flows[0]?.from ?? null, into: tank }];
  });
}

const riskyShare = (shares: Shares): number =>
  Object.entries(shares).reduce((sum, [c, share]) => (isRisky(c) ? sum + (share ?? 0) : sum), 0);
