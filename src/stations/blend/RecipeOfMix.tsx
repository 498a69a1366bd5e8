"use client";
import { useState } from "react";
import type { RecipeState } from "@/core/ledger";
import { asRecipeId } from "@/core/ledger/named";
import { sharesOfLitres } from "@/core/ledger/ranOn";
import type { VesselView } from "@/core/readings";
import type { Mixed } from "@/core/readings/blend/plan";
import { isProven, isTried, type Ladder, ladderOf } from "@/core/readings/blend/recipes";
import { engineOf } from "@/core/readings/drive/engineOf";
import { useTell, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, TextField } from "@/ui";
import { sharesKept } from "./pours";
import { RUNG_NEXT } from "./recipes/words";
import { SeasonChoice } from "./SeasonChoice";

interface Props {
  readonly mixed: Mixed;
  readonly recipe: RecipeState | undefined;
  readonly tank: VesselView | null;
}

/** The recipe that this mix is made by, or the way to keep it as one; and whether a good engine may have it. */
export function RecipeOfMix({ mixed, recipe, tank }: Props) {
  const { view } = useYard();
  const [saving, setSaving] = useState(false);
  const { vehicle } = engineOf(tank?.vessel.id, view.vehicles);
  const ladder = recipe ? ladderOf(recipe) : null;
  const shares = sharesOfLitres(mixed.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres })));
  const ranOn = view.vehicles.find((s) => s.vehicle.id === vehicle?.id)?.ranOn ?? [];
  const mayHaveIt = vehicle?.isTryOut === true || isTried(shares, [], ranOn);
  return (
    <>
      {recipe && ladder ? (
        <p>
          This is <b>{recipe.recipe.name}</b>
          {standing(recipe, ladder, mayHaveIt, vehicle?.name)}{" "}
          <YardLink href={`/recipes?recipe=${recipe.recipe.id}`} className="underline">
            Its card
          </YardLink>
        </p>
      ) : (
        <p>None of your recipes is like this.</p>
      )}
      {recipe || saving ? null : (
        <Button className="mt-2" onClick={() => setSaving(true)}>
          Keep it as a recipe
        </Button>
      )}
      {saving && !recipe ? <KeepRecipe mixed={mixed} onDone={() => setSaving(false)} /> : null}
    </>
  );
}

/** How far it has come, and whether this engine may have it. */
function standing(recipe: RecipeState, { next }: Ladder, mayHaveIt: boolean, engine: string | undefined): string {
  if (isProven(recipe)) return ": tried, and good.";
  if (next === null) return ": it went badly in a good engine.";
  const first = mayHaveIt
    ? `${engine ?? "This engine"} has run on as much oil before.`
    : `${engine ?? "A good engine"} is kept from it until it was tried.`;
  return `. ${first} Next on its ladder: ${RUNG_NEXT[next]}.`;
}

function KeepRecipe({ mixed, onDone }: { mixed: Mixed; onDone: () => void }) {
  const { newId } = useYard();
  const tell = useTell();
  const [name, setName] = useState("");
  const [season, setSeason] = useState("any");
  const [wrong, setWrong] = useState<string>();
  const keep = async (): Promise<void> => {
    if (name.trim() === "") return setWrong("What shall it be called?");
    const refused = await tell(
      {
        kind: "recipe",
        data: { id: asRecipeId(newId()), name: name.trim(), parts: sharesKept(mixed), season: season as "any" },
      },
      `${name.trim()} is kept. Try it: a jar first.`,
    );
    setWrong(refused ?? undefined);
    if (refused === null) onDone();
  };
  return (
    <div className="mt-2 flex flex-col gap-2">
      <TextField label="Its name" value={name} onChange={setName} error={wrong} />
      <SeasonChoice value={season} onChange={setSeason} />
      <div className="flex gap-2">
        <Button look="go" onClick={() => void keep()}>
          Keep it
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </div>
  );
}
