"use client";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import type { RecipeState } from "@/core/ledger";
import { SEASONS } from "@/core/ledger/words";
import { isProven, ladderOf } from "@/core/readings/blend/recipes";
import { useHref } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, fileName, saveFile } from "@/ui";
import { BlendPages } from "../BlendPages";
import { RecipeCard } from "./RecipeCard";
import { RecipeForm } from "./RecipeForm";
import { TrialForm } from "./TrialForm";
import { RUNG_NEXT } from "./words";

/** Recipes with their season, what became of them, and the ladder that a new one climbs before a good engine has it. */
export function RecipesScreen() {
  const { view, now } = useYard();
  const href = useHref();
  const asked = useSearchParams().get("recipe");
  const [chosen, setChosen] = useState<string | null>(null);
  const [form, setForm] = useState<"new" | "change" | null>(null);
  const wanted = chosen ?? asked;
  const recipe = view.recipes.find((r) => r.recipe.id === wanted) ?? view.recipes[0];
  const save = async (): Promise<void> => {
    const { writeRecipesCsv } = await import("@/core/formats/recipesCsv");
    saveFile(`${fileName(`recipes ${now().slice(0, 10)}`)}.csv`, "text/csv", writeRecipesCsv(view.recipes, isProven));
  };
  if (form !== null || !recipe)
    return (
      <Bench
        title={form === "change" && recipe ? `Change ${recipe.recipe.name}` : "A recipe"}
        subtitle="A mix that you make again: what is in it, and for when."
        asideLabel="More"
        aside={<BlendPages here="recipes" />}
      >
        <RecipeForm
          known={form === "change" ? recipe?.recipe : undefined}
          onDone={(id) => {
            setForm(null);
            if (id !== null) setChosen(id);
          }}
          mayLeave={view.recipes.length > 0}
        />
      </Bench>
    );
  return (
    <div className="cards contents">
      <Bench
        title="Recipes and trials"
        subtitle="A new blend is tried in a jar, a litre, then something that may spoil, before a good engine has it."
        asideLabel="Try it"
        aside={
          <div className="print:hidden">
            <TrialForm key={`${recipe.recipe.id} ${recipe.trials.length}`} state={recipe} />
          </div>
        }
      >
        <div className="print:hidden">
          <BlendPages here="recipes" />
          <ul aria-label="Recipes" className="my-2 grid max-w-[760px] gap-2 sm:grid-cols-2">
            {view.recipes.map((r) => (
              <li key={r.recipe.id}>
                <button
                  type="button"
                  aria-pressed={r === recipe}
                  onClick={() => setChosen(r.recipe.id)}
                  className="flex min-h-[var(--target)] w-full flex-col items-start rounded-md border border-quiet bg-card px-3 py-1 text-left leading-tight aria-pressed:border-go aria-pressed:shadow-[inset_0_0_0_2px_var(--go)]"
                >
                  <span className="font-plate text-[17px] font-semibold">{r.recipe.name}</span>
                  <span className="text-[13px] text-ink-2">
                    {SEASONS[r.recipe.season]}, {standWords(r)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => setForm("new")}>New recipe</Button>
            <Button onClick={() => setForm("change")}>Change this one</Button>
            <Button onClick={() => void save()}>Save all as CSV</Button>
            <Button onClick={() => window.print()}>Print the card</Button>
          </div>
        </div>
        <RecipeCard state={recipe} benchHref={href("/blend")} />
      </Bench>
    </div>
  );
}

/** "good engines may have it", "next: a jar". */
export function standWords(state: RecipeState): string {
  const { next, stoppedAt } = ladderOf(state);
  if (isProven(state)) return "good engines may have it";
  if (stoppedAt !== null) return "it went badly";
  return next === null ? "it went badly in a good engine" : `next: ${RUNG_NEXT[next]}`;
}
