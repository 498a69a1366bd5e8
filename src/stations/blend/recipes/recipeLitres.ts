import type { MixPart } from "@/core/blending";
import type { FluidClass, Recipe } from "@/core/ledger";
import { classOf, sharesOfLitres } from "@/core/ledger/ranOn";
import { sharesOfRecipe } from "@/core/ledger/recipes";
import type { Source } from "@/core/readings/blend/plan";
import { fuelClassWords } from "@/ui/words/fuelClass";

/** What to pour so that the full tank is as near a recipe as what stands in it allows. */
export interface RecipeLitres {
  readonly litres: readonly number[];
  /** Parts of the recipe that nothing chosen holds. */
  readonly missing: readonly string[];
}

/** Each part from the first source that is mostly of it; what stands there already counts. */
export function recipeLitres(
  recipe: Pick<Recipe, "parts">,
  contents: readonly MixPart[],
  sources: readonly Source[],
  roomLitres: number,
): RecipeLitres {
  const there = contents.reduce((sum, p) => sum + p.litres, 0);
  const total = there + roomLitres;
  const inIt = sharesOfLitres(contents.map((p) => ({ fluid: p.fluid.id, litres: p.litres })));
  const litres = sources.map(() => 0);
  const missing: string[] = [];
  for (const [part, share] of Object.entries(sharesOfRecipe(recipe)) as [FluidClass, number][]) {
    const wanted = share * total - (inIt[part] ?? 0) * there;
    if (wanted <= 0.005 * total) continue;
    const at = sources.findIndex((s) => classOf(s.fluid) === part);
    if (at < 0) missing.push(fuelClassWords(part));
    else litres[at] = (litres[at] ?? 0) + wanted;
  }
  return { litres, missing };
}
