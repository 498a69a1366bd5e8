"use client";
import { blendCautions, fatLetThroughShare } from "@/core/blending";
import type { RecipeState } from "@/core/ledger";
import type { Mixed } from "@/core/readings/blend/plan";
import type { Cold } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useUnits, Why, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Caution } from "@/ui";
import { coldRestsOn, ownIn, percentWords, wordCold } from "@/ui/words";

interface Props {
  readonly mixed: Mixed;
  readonly cold: Cold;
  /** The recipe that it is made by: its jars overrule the estimate. */
  readonly recipe: RecipeState | undefined;
  /** Of a heated tank it is the line that stands cold. */
  readonly heated: boolean;
  readonly limitMm2PerS: number;
}

/** The mix on tonight's low: what fails first and at how many degrees, and what would help. */
export function ColdOfMix({ mixed, cold, recipe, heated, limitMm2PerS }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { settings } = view;
  const bad = cold.fails !== "none";
  const cautions = blendCautions(mixed.after, mixed.cetane, settings.fatLimitShare, settings.tonightLowCelsius);
  return (
    <section aria-label="In the cold" className="mt-3">
      <div
        role="status"
        className={`rounded-md border-2 px-3 py-2 ${bad && !heated ? "border-warn bg-warn-floor" : "border-rule"}`}
      >
        <p className="font-plate text-[18px] font-semibold">
          {wordCold(cold, units)}
          {heated && bad ? ", cold" : ""}.
        </p>
        {heated ? (
          <p className="text-[14px]">
            {bad
              ? "Heated, it goes. Purge the line before every stop: cold, it would not start on this."
              : "Even a cold start on it would do."}{" "}
            Cold, it is about {formatNumber(cold.nuMm2PerS, 0)} mm²/s.
          </p>
        ) : (
          <p className="text-[14px]">
            {bad ? HELP[cold.fails] : "Nothing falls out, and the pump takes it."}
            {bad && mixed.atPump ? ` A line heater thins what runs, and not the cold start.` : ""}
          </p>
        )}
        {cautions.includes("too-much-fat") ? <FatLetThrough mixed={mixed} /> : null}
        <p className="text-[14px] text-ink-2">{coldRestsOn(cold.jar, units)}</p>
      </div>
      {cautions.includes("engine-oil-sludge-to-recycler") ? (
        <div className="mt-2">
          <Caution>
            Engine oil carries heavy metals and smokes more in town than on long runs. Its sludge goes to a recycler,
            never to the garden or the stove.
          </Caution>
        </div>
      ) : null}
      {cautions.includes("cetane-low") ? (
        <p className="mt-2 text-[14px] text-stop">
          A cetane number of about {formatNumber(mixed.cetane, 0)} is low: it knocks and starts badly. Less petrol.
        </p>
      ) : null}
      <Why
        name="cold-margin"
        title="Why in the cold?"
        input={{
          parts: mixed.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres, usedFactor: p.usedFactor })),
          lowCelsius: settings.tonightLowCelsius,
          pumpLimitMm2PerS: limitMm2PerS,
          ...ownIn(view),
        }}
        readings={
          recipe && recipe.coldJars.length > 0
            ? `${recipe.coldJars.length} of your jars of ${recipe.recipe.name}; the figures here are without them.`
            : "no jar of this mix in the cold yet: typical figures, and your own where you gave them."
        }
      />
    </section>
  );
}

const HELP: Readonly<Record<string, string>> = {
  fat: "Thinner hardly helps against fat: less of this oil, or oil without fat.",
  cloud: "Winter diesel or kerosene stays clear longer.",
  pour: "It would set in the tank. More thinner, or heat.",
  viscosity: "More thinner, or heat.",
};

/** How much fat would stay dissolved, against what is in it. */
function FatLetThrough({ mixed }: { mixed: Mixed }) {
  const { settings, vessels } = useYard().view;
  const units = useUnits();
  const hasKettle = vessels.some((v) => v.vessel.role === "kettle");
  const fat = mixed.after.reduce((sum, p) => (p.fluid.family === "fat" ? sum + p.litres : sum), 0);
  const most = fatLetThroughShare(mixed.after, settings.tonightLowCelsius);
  if (most === null) return null;
  return (
    <p className="text-[14px]">
      It holds {percentWords(fat / mixed.totalLitres)} of fat. At {units.celsius(settings.tonightLowCelsius)}{" "}
      {most < 1e-4 ? "hardly any" : `about ${percentWords(most)}`} stays dissolved; creamy oil stands until its fat has
      sunk
      {hasKettle ? (
        <>
          , and the creamy rest goes to{" "}
          <YardLink href="/kettle" className="underline">
            the kettle
          </YardLink>
        </>
      ) : null}
      .
    </p>
  );
}
