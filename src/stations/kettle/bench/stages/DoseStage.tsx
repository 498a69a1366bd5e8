"use client";
import { useState } from "react";
import { type Dose, OF_BASE, weighingOf } from "@/core/kettle";
import type { Draft, VesselId } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import { type Chemical, chemicalsIn, packOf } from "@/core/readings/kettle/chemicals";
import { formatNumber } from "@/core/units";
import { NumberField, type NumberInput, useFollowing, useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Row, SelectField } from "@/ui";
import { plainly } from "@/ui/words";
import { gramsWords } from "@/ui/words/kettle";
import { densityOf } from "../../lot";
import { BigNumber, StageCard } from "../StageCard";
import type { StageProps } from "./props";

/** What methanol in a shed is at when it is poured: the recipe's litres are litres of that. */
const POURED_CELSIUS = 20;

export function doseOf({ batch, stage, kettle }: StageProps): Dose {
  const w = weighingOf(batch.batch.recipe, densityOf(kettle));
  return stage === "acid" ? (w.acid ?? w.first) : stage === "methoxide-2" ? (w.second ?? w.first) : w.first;
}

/** Methanol and lye (or acid) weighed and poured: out of which drum and pack, into the kettle or a closed can. */
export function DoseStage(props: StageProps) {
  const { batch, stage, kettle } = props;
  const dose = doseOf(props);
  const form = useDose(props, dose);
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={<BigNumber value={gramsWords(dose.lyeG)} name={batch.batch.recipe.base} />}
      also={form.drafts}
      isComplete={form.isComplete}
    >
      <DoseFields form={form} dose={dose} props={props} />
      {form.into !== kettle.vessel.id ? (
        <p className="text-[15px] text-ink-2">
          It waits there, closed, until it is let into {kettle.vessel.name}: over twenty minutes or so, in a thin
          stream, the kettle stirring.
        </p>
      ) : null}
    </StageCard>
  );
}

export interface DoseForm {
  readonly into: VesselId;
  readonly setInto: (id: string) => void;
  readonly methanol: NumberInput;
  readonly solid: NumberInput;
  readonly drafts: readonly Draft[];
  readonly chemicals: readonly Chemical[];
  readonly spirit: Chemical | undefined;
  readonly pack: Chemical | undefined;
  isComplete(): boolean;
}

/** A dose as it is really weighed, from the packs that are there. */
export function useDose({ batch, stage, kettle }: StageProps, dose: Dose): DoseForm {
  const { view } = useYard();
  const units = useUnits();
  const [intoSet, setInto] = useState<string | null>(null);
  const into = asVesselId(intoSet ?? kettle.vessel.id);
  const chemicals = chemicalsIn(view.vessels, view.at);
  const spirit = packOf(chemicals, "methanol");
  const isAcid = stage === "acid";
  const pack = packOf(chemicals, isAcid ? "sulfuric-acid" : OF_BASE[batch.batch.recipe.base].lye);
  const methanol = useFollowing(units.volume, dose.methanolLitres);
  const solid = useFollowing(plainly("g"), Math.round((isAcid ? dose.sulfuricKg * 1000 : dose.lyeG) * 10) / 10);
  const kg = (solid.value ?? 0) / 1000;
  const drafts: readonly Draft[] =
    spirit && pack && methanol.value !== null && solid.value !== null && solid.value > 0 && methanol.value > 0
      ? [
          {
            kind: "charge",
            data: {
              batch: batch.batch.id,
              stage,
              into,
              parts: [
                { from: spirit.vessel.vessel.id, amount: { litres: methanol.value, celsius: POURED_CELSIUS } },
                { from: pack.vessel.vessel.id, amount: { kg } },
              ],
            },
          },
        ]
      : [];
  return {
    into,
    setInto,
    methanol,
    solid,
    drafts,
    chemicals,
    spirit,
    pack,
    isComplete() {
      if (methanol.value === null || methanol.value <= 0) methanol.refuse("How much methanol?");
      else if (!spirit) methanol.refuse("There is no methanol in the book. Buy some first.");
      else if (methanol.value > spirit.vessel.litres * 1.01)
        methanol.refuse(`${spirit.vessel.vessel.name} has only ${units.litres(spirit.vessel.litres)}.`);
      else if (solid.value === null || solid.value <= 0) solid.refuse("How much was weighed?");
      else if (!pack) solid.refuse("There is none in the book. Buy some first.");
      else if (kg > pack.kg + 1e-6) solid.refuse(`${pack.vessel.vessel.name} has only ${gramsWords(pack.kg * 1000)}.`);
      else return true;
      return false;
    },
  };
}

export function DoseFields({ form, dose, props }: { form: DoseForm; dose: Dose; props: StageProps }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { batch, stage, kettle } = props;
  const isAcid = stage === "acid";
  const cans = view.vessels.filter(
    (v) => v.vessel.role === "chemical" && v.litres < 0.05 && v.capacityLitres > dose.methanolLitres,
  );
  const missing = [
    ...(form.spirit ? [] : ["methanol"]),
    ...(form.pack ? [] : [isAcid ? "sulfuric acid" : batch.batch.recipe.base]),
  ];
  return (
    <>
      <dl>
        {isAcid ? null : (
          <Row
            name="For oil, and for its acid"
            value={`${formatNumber(batch.batch.recipe.doseGPerL, 1)} g/L, the rest for acid`}
          />
        )}
        <Row
          name={`Methanol from ${form.spirit?.vessel.vessel.name ?? "?"}`}
          value={`${units.litres(dose.methanolLitres)}, ${units.kg(dose.methanolKg)}`}
        />
        <Row
          name={`${isAcid ? "Sulfuric acid" : batch.batch.recipe.base} from ${form.pack?.vessel.vessel.name ?? "?"}`}
          value={isAcid ? `${Math.round(dose.sulfuricMl)} mL` : gramsWords(dose.lyeG)}
        />
      </dl>
      {missing.length > 0 ? (
        <div className="mt-1">
          <p className="text-stop">Not in the book: {missing.join(" and ")}.</p>
          <Button onClick={() => log.open("buy-chemical")}>Buy chemicals</Button>
        </div>
      ) : null}
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField label={units.asked("Litres of methanol poured")} of={form.methanol} />
        <NumberField label={isAcid ? "Acid weighed" : "Lye weighed"} of={form.solid} />
      </div>
      {isAcid || cans.length === 0 ? null : (
        <SelectField
          label="Dissolved in"
          value={form.into}
          options={[
            ...cans.map((v) => ({ value: v.vessel.id, name: v.vessel.name })),
            { value: kettle.vessel.id, name: `${kettle.vessel.name}, let straight in` },
          ]}
          onChange={form.setInto}
        />
      )}
    </>
  );
}
