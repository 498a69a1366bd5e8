"use client";
import { FLUIDS, type FluidId, fluidIn, type TableFluidId } from "@/core/fluids";
import { type BatchRecipe, lyeBySchool, METHANOL_SHARE_SCHOOLS, methanolDose } from "@/core/kettle";
import { formatNumber } from "@/core/units";
import { useAsked, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Termed } from "@/ui";
import { gramsWords } from "@/ui/words/kettle";

interface Props {
  readonly recipe: BatchRecipe;
  readonly oil: FluidId;
  readonly demandMolPerL: number;
  readonly onDose: (gPerL: number) => void;
  readonly onMethanol: (share: number) => void;
}

const pressable =
  "min-h-[var(--target)] w-full border-t border-rule px-1 text-left font-plate text-[17px] aria-pressed:bg-panel aria-pressed:shadow-[inset_3px_0_0_var(--go)]";

/** People disagree how much lye and methanol: side by side, and what follows from each. */
export function Schools({ recipe, oil, demandMolPerL, onDose, onMethanol }: Props) {
  const units = useUnits();
  const lye = lyeBySchool(recipe.base, recipe.oilLitres, demandMolPerL, recipe.basePurity);
  return (
    <div className="mt-4 grid gap-x-8 gap-y-4 md:grid-cols-2">
      <section aria-labelledby="lye-schools">
        <h2 id="lye-schools" className="text-xl">
          How much lye for the oil
        </h2>
        <p className="text-[14px] text-ink-2">
          Too little stops early; too much makes soap of good oil. The acid's share comes on top.
        </p>
        {lye.map(({ doseGPerL, grams }) => (
          <button
            key={doseGPerL}
            type="button"
            aria-pressed={Math.abs(recipe.doseGPerL - doseGPerL) < 1e-9}
            onClick={() => onDose(doseGPerL)}
            className={pressable}
          >
            <b>{formatNumber(doseGPerL, 1)} g a litre</b>: {gramsWords(grams)} {recipe.base} in all
          </button>
        ))}
      </section>
      <section aria-labelledby="methanol-schools">
        <h2 id="methanol-schools" className="text-xl">
          How much methanol
        </h2>
        <p className="text-[14px] text-ink-2">
          <Termed>
            {`An index against six moles to one, an hour and a half at ${units.celsius(55)}: a laboratory model of one phase, for comparing, never a yield.`}
          </Termed>
        </p>
        {METHANOL_SHARE_SCHOOLS.map((share) => (
          <MethanolRow key={share} share={share} recipe={recipe} oil={oil} onMethanol={onMethanol} />
        ))}
      </section>
    </div>
  );
}

function MethanolRow({
  share,
  recipe,
  oil,
  onMethanol,
}: {
  share: number;
  recipe: BatchRecipe;
  oil: FluidId;
  onMethanol: (share: number) => void;
}) {
  const { view } = useYard();
  const units = useUnits();
  const dose = methanolDose(fluidIn(view.fluids ?? FLUIDS, oil), recipe.oilLitres, share);
  const asked = useAsked("reaction", {
    oil: oil as TableFluidId,
    celsius: recipe.holdCelsius,
    molarRatio: dose.molarRatio,
    minutes: [recipe.mixMinutes],
  });
  const index = asked?.ok ? asked.value.finalIndex : null;
  const short = dose.molarRatio < 3;
  return (
    <button
      type="button"
      aria-pressed={Math.abs(recipe.methanolShare - share) < 1e-9}
      onClick={() => onMethanol(share)}
      className={pressable}
    >
      <b>{formatNumber(share * 100, 1)} %</b>: {units.litres(dose.litres)}, {formatNumber(dose.molarRatio, 1)} to 1,
      index {index === null ? "…" : formatNumber(index, 2)}
      {short ? (
        <span className="block text-[14px] text-stop">
          Less than the reaction uses up ({formatNumber(dose.stoichiometricShare * 100, 1)} %): some oil must stay oil.
        </span>
      ) : null}
    </button>
  );
}
