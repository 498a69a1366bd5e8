"use client";
import type { RecipeState } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import type { Mixed, Source } from "@/core/readings/blend/plan";
import { ByRecipe } from "./ByRecipe";
import { RecipeOfMix } from "./RecipeOfMix";
import type { Mix } from "./useMix";

interface Props {
  readonly mix: Mix;
  readonly mixed: Mixed | null;
  readonly recipe: RecipeState | undefined;
  readonly tank: VesselView | null;
  readonly sources: readonly Source[];
  readonly onKeys: (keys: readonly string[]) => void;
}

/** Recipes beside the bench: comes after the picture, which has to be there first. */
export default function RecipeBox({ mix, mixed, recipe, tank, sources, onKeys }: Props) {
  return (
    <section aria-label="Recipe" className="mt-4 border-t border-rule pt-2">
      <h2 className="text-xl">Recipe</h2>
      {mixed ? <RecipeOfMix mixed={mixed} recipe={recipe} tank={tank} /> : null}
      <ByRecipe mix={mix} sources={sources} onKeys={onKeys} />
    </section>
  );
}
