"use client";
import { useState } from "react";
import { SEASONS } from "@/core/ledger/words";
import type { Source } from "@/core/readings/blend/plan";
import { useYard } from "@/store";
import { SelectField } from "@/ui";
import { recipeLitres } from "./recipes/recipeLitres";
import { keyOf, type Mix } from "./useMix";

interface Props {
  readonly mix: Mix;
  /** All that may be poured from: what the recipe needs is chosen with it. */
  readonly sources: readonly Source[];
  readonly onKeys: (keys: readonly string[]) => void;
}

/** Sets the bar by a recipe, and chooses what it is poured from: what was chosen already first. */
export function ByRecipe({ mix, sources, onKeys }: Props) {
  const { recipes } = useYard().view;
  const [said, setSaid] = useState("");
  if (recipes.length === 0) return null;
  const choose = (id: string): void => {
    const state = recipes.find((r) => r.recipe.id === id);
    if (!state) return;
    const inOrder = [...mix.chosen, ...sources.filter((s) => !mix.chosen.includes(s))];
    const { litres, missing } = recipeLitres(state.recipe, mix.contents, inOrder, mix.roomLitres);
    setSaid(missing.length > 0 ? `Nothing here to pour holds ${missing.join(" or ")}.` : "");
    if (missing.length > 0) return;
    const poured = new Map(inOrder.map((s, i) => [keyOf(s), litres[i] ?? 0]));
    const used = sources.filter((s) => (poured.get(keyOf(s)) ?? 0) > 0);
    onKeys(used.map(keyOf));
    mix.set(used.map((s) => poured.get(keyOf(s)) ?? 0));
  };
  return (
    <>
      <SelectField
        label="Mix by a recipe"
        value=""
        options={[
          { value: "", name: "Choose one" },
          ...recipes.map(({ recipe }) => ({
            value: recipe.id,
            name: `${recipe.name}, ${SEASONS[recipe.season].toLowerCase()}`,
          })),
        ]}
        onChange={choose}
      />
      <p role="status" className="text-[14px] text-stop">
        {said}
      </p>
    </>
  );
}
