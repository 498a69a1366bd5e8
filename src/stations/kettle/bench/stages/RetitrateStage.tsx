"use client";
import { useState } from "react";
import { demandMolPerL as demandOf, pctOfMolPerL } from "@/core/kettle";
import { formatNumber } from "@/core/units";
import { TextField } from "@/ui";
import { densityOf } from "../../lot";
import { TitrationForm } from "../../titrate/TitrationForm";
import { BigNumber, StageCard } from "../StageCard";
import type { StageProps } from "./props";

/** After an acid stage the oil is titrated again: what it reads now is what the lye has to deal with. */
export function RetitrateStage({ batch, stage, kettle }: StageProps) {
  const { demandMolPerL, acidMolPerL } = batch.batch.recipe;
  const kit = batch.batch.recipe.untitratedKit;
  const [why, setWhy] = useState(kit === undefined ? "" : `by the marks of ${kit}`);
  const isOpen = demandMolPerL === undefined && why.trim() === "";
  const expected = demandOf(batch.batch.recipe, densityOf(kettle));
  const pct = (mol: number): string => `${formatNumber(pctOfMolPerL(mol, densityOf(kettle)), 2)} %`;
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={
        <BigNumber value={demandMolPerL === undefined ? "?" : pct(demandMolPerL)} name={`was ${pct(acidMolPerL)}`} />
      }
      notYet={isOpen ? "Titrate it below first, or say why you go on without." : undefined}
      says={demandMolPerL === undefined && why.trim() !== "" ? `Not titrated again: ${why.trim()}` : undefined}
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
      {demandMolPerL === undefined ? (
        <TextField
          label="Or go on without: why"
          value={why}
          onChange={setWhy}
          hint={`The lye is then reckoned for ${pct(expected)} of acid; what is more becomes soap.`}
        />
      ) : null}
    </StageCard>
  );
}
