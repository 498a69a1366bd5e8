"use client";
import type { BatchRecipe, Dose, Weighing } from "@/core/kettle";
import { useUnits } from "@/desk";
import type { Units } from "@/ui/words";
import { gramsWords } from "@/ui/words/kettle";

interface Props {
  readonly weighing: Weighing;
  readonly recipe: BatchRecipe;
}

/** What is weighed and poured, dose by dose, in the owner's units. */
export function WeighingList({ weighing, recipe }: Props) {
  return (
    <ul aria-label="Weighing list" className="mt-1">
      {weighing.acid ? <DoseRows title="Acid stage" dose={weighing.acid} recipe={recipe} /> : null}
      <DoseRows title={weighing.second ? "First step" : "Methoxide"} dose={weighing.first} recipe={recipe} />
      {weighing.second ? <DoseRows title="Second step" dose={weighing.second} recipe={recipe} /> : null}
    </ul>
  );
}

export function DoseRows({ title, dose, recipe }: { title: string; dose: Dose; recipe: BatchRecipe }) {
  const units = useUnits();
  const isWet = dose.waterKg > 0.005 * dose.methanolKg;
  return (
    <li className="border-t border-rule py-2">
      <b className="font-plate text-[17px]">{title}</b>
      <ul className="text-[16px]">
        <li>
          <b className="font-plate text-[18px]">{units.litres(dose.methanolLitres)}</b> methanol,{" "}
          {units.kg(dose.methanolKg)}
          {isWet ? `, ${units.kg(dose.waterKg)} of it water` : ""}
        </li>
        {dose.lyeG > 0 ? (
          <li>
            <b className="font-plate text-[18px]">{gramsWords(dose.lyeG)}</b> {recipe.base}, as it comes out of its pack
            {inPounds(dose.lyeG, units)}
          </li>
        ) : null}
        {dose.sulfuricKg > 0 ? (
          <li>
            <b className="font-plate text-[18px]">{Math.round(dose.sulfuricMl)} mL</b> sulfuric acid,{" "}
            {gramsWords(dose.sulfuricKg * 1000)}
            {inPounds(dose.sulfuricKg * 1000, units)}
          </li>
        ) : null}
      </ul>
    </li>
  );
}

/** Besides grams, which every lye scale has, in the unit of an owner who weighs in another. */
const inPounds = (grams: number, units: Units): string =>
  units.mass.unit === "kg" ? "" : `, ${units.kg(grams / 1000)}`;
