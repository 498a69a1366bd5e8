import type { RecipeState } from "./blendState";
import type { Contents } from "./contents";
import type { RecipeId } from "./ids";
import type { Recipe } from "./kinds/recipe";
import type { ColdJar } from "./quality";
import { type FluidClass, isAlike, type Shares, sharesOf, sharesOfLitres } from "./ranOn";
import type { YardState } from "./state";

export const sharesOfRecipe = ({ parts }: Pick<Recipe, "parts">): Shares =>
  sharesOfLitres(parts.map(({ fluid, share }) => ({ fluid, litres: share })));

const offBy = (a: Shares, b: Shares): number =>
  (Object.keys({ ...a, ...b }) as FluidClass[]).reduce((sum, c) => sum + Math.abs((a[c] ?? 0) - (b[c] ?? 0)), 0);

/** The recipe that a mix is made by; of several the nearest, and of those as near the latest. */
export function recipeLike(recipes: Iterable<RecipeState>, mix: Shares): RecipeState | undefined {
  let best: { readonly off: number; readonly state: RecipeState } | undefined;
  for (const state of recipes) {
    const shares = sharesOfRecipe(state.recipe);
    const off = offBy(shares, mix);
    if (isAlike(shares, mix) && (!best || off <= best.off)) best = { off, state };
  }
  return best?.state;
}

/** A jar that was left in the cold speaks for the recipe of the lot it was taken from. */
export function jarOfRecipe(yard: YardState, contents: Contents, jar: ColdJar): void {
  const like = recipeLike(yard.recipes.values(), sharesOf(contents, yard.parts));
  if (like) addJar(yard, like.recipe.id, jar);
}

export function addJar(yard: YardState, id: RecipeId, jar: ColdJar): void {
  const state = yard.recipes.get(id);
  if (state) yard.recipes.set(id, { ...state, coldJars: [...state.coldJars, jar] });
}
