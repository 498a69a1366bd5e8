import { fromWalther, walther } from "../fluids";
import { type Bound, bisect, mostWithin } from "../numerics";
import { HARD_MOLE_SHARE, hardMoles, mostHardMoleShare } from "./fatCrystals";
import { type MixPart, mixLitres, mixWalther, scaledMix } from "./mix";
import { cloudAgainst, pourAgainst } from "./properties";

/** A drum or can to pour from: what is really in it, how much of it there is, and what a litre of it costs. */
export interface Stock {
  readonly mix: readonly MixPart[];
  /** At 15 °C; what one could still buy has no end. */
  readonly litres: number;
  readonly pricePerLitre: number;
  /** Waste oil: what one wants to burn the most of. */
  readonly isOil: boolean;
}

export const PLAN_GOALS = ["most-oil", "least-cost", "use-up"] as const;
/** The most oil; the least money; or as much oil as thinner and room allow, without having to fill. */
export type PlanGoal = (typeof PLAN_GOALS)[number];

export interface StockTask {
  readonly goal: PlanGoal;
  readonly contents: readonly MixPart[];
  /** Filled up to it; of `use-up` at most to it. */
  readonly fillToLitres: number;
  readonly stocks: readonly Stock[];
  readonly celsius: number;
  readonly limitMm2PerS: number;
  /** Also nothing that falls out of it there: wax, fat, or all of it set. */
  readonly staysClear: boolean;
}

export interface StockPlan {
  /** Litres at 15 °C from each stock, in their order. */
  readonly litres: readonly number[];
  readonly after: readonly MixPart[];
  readonly cost: number;
}

export type NoStockPlan =
  | { readonly code: "tank-full" }
  | { readonly code: "not-enough-in-stock"; readonly shortLitres: number }
  | { readonly code: "no-mix-meets-it" };

/** A hair below the limit, so that no last digit of a plan lies over it. */
const HAIR = 1e-7;

/**
 * What to pour from which drum and can, several at once. On the blending scales of ASTM D7152 and Hu & Burns every
 * limit is linear in the litres, so that the best plan is a linear programme: none is better. Source: physics §2.
 */
export function planStocks(task: StockTask): StockPlan | NoStockPlan {
  const { contents, stocks, fillToLitres, goal } = task;
  const room = fillToLitres - mixLitres(contents);
  if (room <= 0) return { code: "tank-full" };
  const have = stocks.reduce((sum, s) => sum + Math.min(s.litres, room), 0);
  if (goal !== "use-up" && have < room * (1 - HAIR)) return { code: "not-enough-in-stock", shortLitres: room - have };
  const litres = mostWithin(gainOf(task), [
    { of: stocks.map(() => 1), most: room, ...(goal !== "use-up" && { least: room }) },
    ...stocks.map((s, i) => ({ of: stocks.map((_, j) => (i === j ? 1 : 0)), most: Math.min(s.litres, room) })),
    ...limits(task),
  ]);
  const poured = litres?.reduce((sum, l) => sum + l, 0) ?? 0;
  if (!litres || poured <= 0) return { code: "no-mix-meets-it" };
  return {
    litres,
    after: [...contents, ...stocks.flatMap((s, i) => scaledMix(s.mix, litres[i] ?? 0))].filter((p) => p.litres > 0),
    cost: stocks.reduce((sum, s, i) => sum + s.pricePerLitre * (litres[i] ?? 0), 0),
  };
}

/** Of plans that are as good, the cheaper. */
const TIE = 1e-6;

function gainOf({ goal, stocks }: StockTask): number[] {
  const dearest = stocks.reduce((a, s) => Math.max(a, Math.abs(s.pricePerLitre)), 1e-9);
  return stocks.map((s) => {
    const cheap = -s.pricePerLitre / dearest;
    if (goal === "least-cost") return cheap + (s.isOil ? TIE : 0);
    return (s.isOil ? 1 : goal === "use-up" ? -TIE : 0) + TIE * cheap;
  });
}

/** Every limit as Σ litres·(scale − scale at the limit) ≤ what the contents leave of it. */
function limits({ contents, stocks, celsius, limitMm2PerS, staysClear }: StockTask): Bound[] {
  const wLimit = waltherOfLimit(limitMm2PerS);
  const most = mostHardMoleShare(celsius);
  const perLitre: ((mix: readonly MixPart[]) => number)[] = [(mix) => mixWalther(mix, celsius) - wLimit + HAIR];
  if (staysClear)
    perLitre.push(
      (mix) => cloudAgainst(mix, celsius) - 1 + HAIR,
      (mix) => pourAgainst(mix, celsius) - 1 + HAIR,
      (mix) => {
        const { all, hard } = hardMoles(mix, HARD_MOLE_SHARE);
        return (hard - most * (1 - HAIR) * all) / mixLitres(mix);
      },
    );
  const there = mixLitres(contents);
  return perLitre.map((excess) => ({
    of: stocks.map((s) => excess(s.mix)),
    most: there > 0 ? -excess(contents) * there : 0,
  }));
}

/** The published inverse of W is not quite exact: the limit's W is the one that it gives the limit for. */
const waltherOfLimit = (limitMm2PerS: number): number =>
  bisect((w) => fromWalther(w) - limitMm2PerS, walther(limitMm2PerS) - 0.05, walther(limitMm2PerS) + 0.05);
