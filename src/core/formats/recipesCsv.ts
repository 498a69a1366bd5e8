import Papa from "papaparse";
import { type FluidId, fluidName } from "../fluids";
import type { RecipeState } from "../ledger";

/** One row a part of a recipe, so that any sheet can add up the shares. */
interface Row {
  readonly recipe: string;
  readonly season: string;
  readonly part: string;
  readonly share: number;
  readonly proven: string;
  readonly trials: number;
  readonly last_verdict: string;
  readonly last_tried: string;
  readonly clear_down_to_celsius: number | null;
}

/** Recipes with what became of them, as comma-separated values with a head (RFC 4180); shares 0 to 1, times in UTC. */
export function writeRecipesCsv(recipes: readonly RecipeState[], isProven: (r: RecipeState) => boolean): string {
  const rows = recipes.flatMap((state) => {
    const last = state.trials.at(-1);
    const clear = state.coldJars.filter((j) => j.saw === "clear").map((j) => j.celsius);
    return state.recipe.parts.map(
      (p): Row => ({
        recipe: state.recipe.name,
        season: state.recipe.season,
        part: fluidName(p.fluid as FluidId),
        share: p.share,
        proven: isProven(state) ? "yes" : "no",
        trials: state.trials.length,
        last_verdict: last?.verdict ?? "",
        last_tried: last?.at ?? "",
        clear_down_to_celsius: clear.length > 0 ? Math.min(...clear) : null,
      }),
    );
  });
  // What begins like a formula is text to a sheet too.
  return Papa.unparse(rows, { escapeFormulae: true });
}
