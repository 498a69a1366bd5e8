"use client";
import { useMemo } from "react";
import type { RecipeState } from "@/core/ledger";
import { sharesOfLitres } from "@/core/ledger/ranOn";
import { recipeLike } from "@/core/ledger/recipes";
import type { Mixed } from "@/core/readings/blend/plan";
import { type Cold, coldOf } from "@/core/readings/vessel/cold";
import { useYard } from "@/store";

/** The recipe that a mix is made by, and how it stands the cold: by estimate, or as that recipe's jars have said. */
export function useColdOfMix(
  mixed: Mixed | null,
  pumpLimitMm2PerS: number,
): { readonly recipe: RecipeState | undefined; readonly cold: Cold | null } {
  const { recipes, settings } = useYard().view;
  return useMemo(() => {
    if (!mixed) return { recipe: undefined, cold: null };
    const shares = sharesOfLitres(mixed.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres })));
    const recipe = recipeLike(recipes, shares);
    return { recipe, cold: coldOf(mixed.after, recipe?.coldJars ?? [], { ...settings, pumpLimitMm2PerS }) };
  }, [mixed, recipes, settings, pumpLimitMm2PerS]);
}
