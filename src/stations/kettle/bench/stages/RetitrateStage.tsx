"use client";
import { pctOfMolPerL } from "@/core/kettle";
import { formatNumber } from "@/core/units";
import { densityOf } from "../../lot";
import { TitrationForm } from "../../titrate/TitrationForm";
import { BigNumber, StageCard } from "../StageCard";
import type { StageProps } from "./props";

/** After an acid stage the oil is titrated again: what it reads now is what the lye has to deal with. */
export function RetitrateStage({ batch, stage, kettle }: StageProps) {
  const { demandMolPerL, acidMolPerL } = batch.batch.recipe;
  const pct = (mol: number): string => `${formatNumber(pctOfMolPerL(mol, densityOf(kettle)), 2)} %`;
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={
        <BigNumber value={demandMolPerL === undefined ? "?" : pct(demandMolPerL)} name={`was ${pct(acidMolPerL)}`} />
      }
      notYet={demandMolPerL === undefined ? "Titrate it below first." : undefined}
    >
      {demandMolPerL !== undefined && pctOfMolPerL(demandMolPerL, densityOf(kettle)) > 1 ? (
        <p className="text-[15px] text-stop">
          Still over one percent: another acid stage, or the lye makes soap of it. Step back to the acid stage to do it
          once more.
        </p>
      ) : null}
      <details open={demandMolPerL === undefined} className="mt-2">
        <summary className="min-h-[var(--target)] cursor-pointer content-center font-semibold">
          {demandMolPerL === undefined ? "Titrate" : "Titrate once more"}
        </summary>
        <TitrationForm vessel={kettle} batch={batch.batch.id} />
      </details>
    </StageCard>
  );
}
