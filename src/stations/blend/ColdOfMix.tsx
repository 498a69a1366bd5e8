"use client";
import { blendCautions, fatLetThroughShare } from "@/core/blending";
import type { BlendPlan } from "@/core/readings/blend/plan";
import { coldOf } from "@/core/readings/vessel/cold";
import { formatNumber } from "@/core/units";
import { useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { coldRestsOn, ownIn, percentWords, wordCold } from "@/ui/words";

interface Props {
  readonly plan: BlendPlan;
  /** Of a heated tank it is the line that stands cold. */
  readonly heated: boolean;
}

/** The mix on tonight's low: what fails first and at how many degrees, and what would help. */
export function ColdOfMix({ plan, heated }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const { settings } = view;
  // A mix that nobody has poured yet has had no jar in the cold.
  const cold = coldOf(plan.after, [], settings);
  if (!cold) return null;
  const bad = cold.fails !== "none";
  const cautions = blendCautions(plan.after, plan.cetane, settings.fatLimitShare, settings.tonightLowCelsius);
  return (
    <section aria-label="In the cold" className="mt-3">
      <div
        role="status"
        className={`rounded-md border-2 px-3 py-2 ${bad ? (heated ? "border-rule" : "border-warn bg-warn-floor") : "border-rule"}`}
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
          <p className="text-[14px]">{bad ? HELP[cold.fails] : "Nothing falls out, and the pump takes it."}</p>
        )}
        {cautions.includes("too-much-fat") ? <FatLetThrough plan={plan} /> : null}
        <p className="text-[14px] text-ink-2">{coldRestsOn(null, units)}</p>
      </div>
      <Why
        name="cold-margin"
        title="Why in the cold?"
        input={{
          parts: plan.after.map((p) => ({ fluid: p.fluid.id, litres: p.litres, usedFactor: p.usedFactor })),
          lowCelsius: settings.tonightLowCelsius,
          pumpLimitMm2PerS: settings.pumpLimitMm2PerS,
          ...ownIn(view),
        }}
        readings="no jar of this mix in the cold yet: typical figures, and your own where you gave them."
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
function FatLetThrough({ plan }: { plan: BlendPlan }) {
  const { settings } = useYard().view;
  const units = useUnits();
  const all = plan.after.reduce((sum, p) => sum + p.litres, 0);
  const fat = plan.after.reduce((sum, p) => (p.fluid.family === "fat" ? sum + p.litres : sum), 0);
  const most = fatLetThroughShare(plan.after, settings.tonightLowCelsius);
  if (most === null) return null;
  return (
    <p className="text-[14px]">
      It holds {percentWords(fat / all)} of fat. At {units.celsius(settings.tonightLowCelsius)}{" "}
      {most < 1e-4 ? "hardly any" : `about ${percentWords(most)}`} stays dissolved; the rest is work for the kettle.
    </p>
  );
}
