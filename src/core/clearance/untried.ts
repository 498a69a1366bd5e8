import { type FluidId, isFluidId } from "../fluids";
import {
  type Draft,
  type Flow,
  flowsOf,
  fluidsIn,
  isRisky,
  type Shares,
  sharesOfLitres,
  sharesOfRecipe,
  type VesselId,
  type YardState,
} from "../ledger";
import { isProven, isTried } from "../readings/blend/recipes";
import { vehicleOf } from "./dye";
import type { FitnessRefusal } from "./fitness";

/** Under this much oil it is bought fuel with a trace, over it in both a blend. */
const BLEND_SHARE = 0.05;
/** A top-up with thinner makes nothing new of what stands there. */
const NO_MORE_OIL = 0.005;

/**
 * A good engine is kept from a blend that is new to it: until a recipe like it has climbed the ladder, or the engine has
 * run on as much of the same before.
 */
export function untriedIn(yard: YardState, draft: Draft): FitnessRefusal[] {
  const byTank = new Map<VesselId, Flow[]>();
  for (const flow of flowsOf(draft))
    if (flow.to !== null && flow.how !== "count" && flow.from !== flow.to)
      byTank.set(flow.to, [...(byTank.get(flow.to) ?? []), flow]);
  return [...byTank].flatMap(([tank, flows]): FitnessRefusal[] => {
    const state = vehicleOf(yard, tank);
    if (!state || state.vehicle.isTryOut === true) return [];
    const before = [...litresIn(yard, tank)];
    const after =
      draft.kind === "blend" && draft.data.aim
        ? sharesOfRecipe({ parts: draft.data.aim })
        : sharesOfLitres([...before, ...flows.flatMap((f) => poured(yard, f))]);
    const oil = riskyShare(after);
    if (oil < BLEND_SHARE || oil > 1 - BLEND_SHARE || oil <= riskyShare(sharesOfLitres(before)) + NO_MORE_OIL)
      return [];
    const proven = [...yard.recipes.values()].filter(isProven).map((r) => sharesOfRecipe(r.recipe));
    if (isTried(after, proven, state.ranOn)) return [];
    return [{ code: "untried-recipe", from: flows[0]?.from ?? null, into: tank }];
  });
}

const litresIn = (yard: YardState, id: VesselId) => {
  const contents = yard.vessels.get(id)?.contents;
  return contents ? [...fluidsIn(contents, yard.parts)] : [];
};

function poured(yard: YardState, { from, fresh, amount }: Flow): { fluid: FluidId; litres: number }[] {
  if (from === null)
    return (fresh ?? []).flatMap((f) => (isFluidId(f.component) ? [{ fluid: f.component, litres: f.litres }] : []));
  const there = litresIn(yard, from);
  const all = there.reduce((sum, p) => sum + p.litres, 0);
  const times = "all" in amount ? 1 : all > 0 ? Math.min(1, amount.litres / all) : 0;
  return there.map((p) => ({ fluid: p.fluid, litres: p.litres * times }));
}

const riskyShare = (shares: Shares): number =>
  Object.entries(shares).reduce((sum, [c, share]) => (isRisky(c) ? sum + (share ?? 0) : sum), 0);
