"use client";
import { useState } from "react";
import { type ComponentId, componentName } from "@/core/fluids";
import { type Change, kgIn, ranMinutes, stageMinutes } from "@/core/kettle";
import type { Draft } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import { acidChange, mixChange, potIn } from "@/core/readings/kettle/pots";
import { stageState } from "@/core/readings/kettle/stages";
import { formatMinutes, formatNumber } from "@/core/units";
import { LogStep, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Row } from "@/ui";
import { STAGE_WORDS } from "@/ui/words/kettle";
import { BigNumber, StageCard } from "../StageCard";
import { StageCaution, useCautionRead } from "../StageCaution";
import { StageClock } from "../StageClock";
import { DoseFields, doseOf, useDose } from "./DoseStage";
import type { StageProps } from "./props";

/** Stirred and held: its clock, what was weighed in, and at the end what the reaction has made, booked in kilograms. */
export function MixStage(props: StageProps) {
  const { batch, stage, kettle } = props;
  const { view, now } = useYard();
  const units = useUnits();
  const { recipe } = batch.batch;
  const state = stageState(batch, stage);
  const pot = potIn(kettle);
  const isAcid = stage === "acid";
  const can = view.vessels.find(holdsMethoxide);
  const hasMethanol = kgIn(pot, "methanol") > 0.01;
  const change: Change = isAcid ? acidChange(pot, recipe) : mixChange(pot, recipe, view.fluids);
  const reaction: Draft[] =
    change.takes.length > 0 && change.gives.length > 0
      ? [
          {
            kind: "react",
            data: {
              vessel: kettle.vessel.id,
              batch: batch.batch.id,
              takes: [...change.takes],
              gives: [...change.gives],
            },
          },
        ]
      : [];
  const minutes = stageMinutes(stage, recipe) ?? 0;
  const [early, setEarly] = useState(false);
  const left = minutes - ranMinutes(state, now());
  const atStart: Draft[] =
    can && !isAcid
      ? [{ kind: "move", data: { from: can.vessel.id, to: kettle.vessel.id, amount: { all: true }, layer: "mixed" } }]
      : [];
  if (isAcid && state.begunAt === null && !hasMethanol) return <AcidDose {...props} />;
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={
        <StageClock
          batch={batch}
          stage={stage}
          atStart={atStart}
          startWords={
            can && !isAcid ? `Let it in from ${can.vessel.name}, and start the clock` : "Begin, and start the clock"
          }
        />
      }
      also={reaction}
      notYet={
        state.begunAt === null
          ? "It is not begun."
          : !hasMethanol && reaction.length === 0
            ? `By the book there is no methanol in ${kettle.vessel.name}: nothing can react. Weigh it in first.`
            : state.stoppedAt !== null
              ? "It is stopped. Go on with it first."
              : undefined
      }
      isComplete={() => {
        if (left > 1 && !early) setEarly(true);
        return left <= 1 || early;
      }}
    >
      {early && left > 1 ? (
        <p className="mt-2 text-[15px] text-stop">
          The recipe gives it {formatMinutes(left)} more. Press again to end it all the same.
        </p>
      ) : null}
      <dl>
        {can && !isAcid && state.begunAt === null ? (
          <Row
            name={`Let in over ${LET_IN_MINUTES} minutes`}
            value={`${formatNumber((can.litres * 1000) / LET_IN_MINUTES, 0)} mL a minute`}
          />
        ) : null}
        <Row
          name="Hold at"
          value={`${units.celsius(recipe.holdCelsius - 3)} to ${units.celsius(recipe.holdCelsius + 2)}`}
        />
        {Object.entries(batch.charged)
          .filter(([, kg]) => kg > 0.001)
          .map(([component, kg]) => (
            <Row
              key={component}
              name={`Weighed in: ${componentName(component as ComponentId).toLowerCase()}`}
              value={units.kg(kg)}
            />
          ))}
        <Row name="Expected to turn" value={`${formatNumber(recipe.conversion * 100, 0)} %`} />
      </dl>
    </StageCard>
  );
}

/** In a thin stream: all at once it boils up, and makes soap where it lands. */
const LET_IN_MINUTES = 20;

/** A can in which lye was dissolved in methanol, waiting to be let in. */
const holdsMethoxide = (v: VesselView): boolean =>
  v.vessel.role === "chemical" &&
  v.components.some((c) => c.component === "methanol") &&
  v.components.some((c) => c.component === "sodium-hydroxide" || c.component === "potassium-hydroxide");

/** An acid stage's own methanol and acid, before its clock. */
function AcidDose(props: StageProps) {
  const { batch, stage } = props;
  const dose = doseOf(props);
  const form = useDose(props, dose);
  const isRead = useCautionRead(stage);
  const [wrong, setWrong] = useState<string>();
  return (
    <>
      <h2 className="text-xl">{STAGE_WORDS[stage]}</h2>
      <BigNumber value={`${Math.round(dose.sulfuricMl)} mL`} name="sulfuric acid" />
      <DoseFields form={form} dose={dose} props={props} />
      <StageCaution stage={stage} />
      {wrong && !isRead ? <p className="text-stop">{wrong}</p> : null}
      <LogStep
        draft={form.drafts[0] ?? null}
        said={`Methanol and acid are in ${props.kettle.vessel.name} for ${batch.batch.name}.`}
        action="Weighed in: log it"
        isComplete={() => {
          if (!isRead) setWrong("Read the caution first.");
          return isRead && form.isComplete();
        }}
      />
    </>
  );
}
