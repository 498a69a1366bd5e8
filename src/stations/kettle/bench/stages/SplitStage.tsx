"use client";
import { useState } from "react";
import type { Phase } from "@/core/kettle";
import type { Draft } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import { potIn, splitExpected } from "@/core/readings/kettle/pots";
import { formatNumber } from "@/core/units";
import { heightAtLitres, litresAtHeight } from "@/core/vessels";
import { NumberField, useAmount, useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Row, SelectField } from "@/ui";
import { PHASE_WORDS } from "@/ui/words/kettle";
import { BigNumber, StageCard } from "../StageCard";
import type { StageProps } from "./props";

const PHASE_OF: Readonly<Partial<Record<string, Phase>>> = {
  "acid-split": "acid",
  split: "glycerol",
  "split-2": "glycerol",
};

/** The lower layer let out: how much is expected, how much came, and what a difference means. */
export function SplitStage({ batch, stage, vessel }: StageProps) {
  const { view } = useYard();
  const units = useUnits();
  const phase = PHASE_OF[stage] ?? "glycerol";
  const expected = splitExpected(potIn(vessel), phase, view.settings.phases);
  const split = useSplit({ batchId: batch.batch.id, vessel, phase, expected });
  const done = batch.splits.filter((s) => s.phase === phase);
  const isOut = done.length > (stage === "split-2" ? 1 : 0);
  const lineMm = heightAtLitres(vessel.vessel, Math.min(expected.litres, vessel.capacityLitres));
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={<BigNumber value={units.litres(expected.litres)} name="should come" />}
      also={isOut ? [] : split.drafts}
      isComplete={isOut ? undefined : split.isComplete}
    >
      <dl>
        <Row name="The line should stand at" value={units.mm(lineMm)} />
        <Row name="Above it" value={units.litres(expected.fuelLitres)} />
        {done.map((s) => (
          <Row
            key={s.at}
            name="Let out"
            value={`${units.litres(s.litres)}${s.expectedLitres ? `, ${formatNumber((s.litres / s.expectedLitres) * 100, 0)} % of expected` : ""}`}
          />
        ))}
      </dl>
      {isOut ? null : <SplitFields split={split} />}
    </StageCard>
  );
}

interface SplitInput {
  readonly batchId: StageProps["batch"]["batch"]["id"];
  readonly vessel: StageProps["vessel"];
  readonly phase: Phase;
  readonly expected: ReturnType<typeof splitExpected>;
}

/** Litres let out, by the tub or by the line that a stick or a sight glass showed. */
export function useSplit({ batchId, vessel, phase, expected }: SplitInput) {
  const { view } = useYard();
  const units = useUnits();
  const receivers = view.vessels
    .filter(
      (v) =>
        v.vessel.id !== vessel.vessel.id &&
        (v.vessel.role === "glycerol" || v.vessel.role === "waste" || v.vessel.role === "still"),
    )
    .sort((a, b) => rankFor(phase, a.vessel.role) - rankFor(phase, b.vessel.role));
  const [to, setTo] = useState<string | null>(null);
  const into = receivers.find((v) => v.vessel.id === to) ?? receivers[0];
  const litres = useAmount(units.volume, null);
  const line = useAmount(units.length, null);
  const byLine = line.value === null ? null : litresAtHeight(vessel.vessel.shape, line.value);
  const out = litres.value ?? byLine;
  const drafts: readonly Draft[] =
    out !== null && out > 0 && into
      ? [
          {
            kind: "split",
            data: {
              batch: batchId,
              phase,
              from: vessel.vessel.id,
              to: asVesselId(into.vessel.id),
              amount: { litres: out },
              below: expected.below.map((b) => ({ ...b })),
              expectedLitres: expected.litres,
            },
          },
        ]
      : [];
  return {
    litres,
    line,
    byLine,
    out,
    into,
    receivers,
    setTo,
    phase,
    expectedLitres: expected.litres,
    drafts,
    isComplete(): boolean {
      const room = into ? into.capacityLitres - into.litres : 0;
      if (out === null || out <= 0) litres.refuse("How much came, or where did the line stand?");
      else if (!into) litres.refuse("There is nothing to let it into. Add a tub first.");
      else if (out > vessel.litres) litres.refuse(`${vessel.vessel.name} holds only ${units.litres(vessel.litres)}.`);
      else if (out > room + 0.05) litres.refuse(`${into.vessel.name} has room for ${units.litres(room)}.`);
      else return true;
      return false;
    },
  };
}

const rankFor = (phase: Phase, role: string): number =>
  role === (phase === "glycerol" ? "glycerol" : "waste") ? 0 : role === "still" ? 2 : 1;

export function SplitFields({ split }: { split: ReturnType<typeof useSplit> }) {
  const units = useUnits();
  const log = useLog();
  const ratio = split.out === null || split.expectedLitres <= 0 ? null : split.out / split.expectedLitres;
  return (
    <>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField label={units.asked("Litres let out")} of={split.litres} />
        <NumberField
          label="Or the line stood at"
          of={split.line}
          hint={split.byLine === null ? "by dip or sight glass" : `= ${units.litres(split.byLine)}`}
        />
      </div>
      {split.receivers.length > 0 ? (
        <SelectField
          label="Into"
          value={split.into?.vessel.id ?? ""}
          options={split.receivers.map((v) => ({ value: v.vessel.id, name: v.vessel.name }))}
          onChange={split.setTo}
        />
      ) : (
        <Button
          className="mt-2"
          onClick={() =>
            log.open("add-vessel", { preset: "tub", role: split.phase === "glycerol" ? "glycerol" : "waste" })
          }
        >
          Add a tub for it
        </Button>
      )}
      {ratio === null ? null : (
        <p className={`mt-2 text-[15px] ${ratio > 1.2 || ratio < 0.8 ? "text-stop" : ""}`}>
          {formatNumber(ratio * 100, 0)} % of what was expected. {differenceWords(split.phase, ratio)}
        </p>
      )}
    </>
  );
}

/** What more or less than expected means. */
export function differenceWords(phase: Phase, ratio: number): string {
  const name = PHASE_WORDS[phase].toLowerCase();
  if (ratio > 1.2)
    return phase === "glycerol"
      ? "More: fuel went out with it, much soap is in it, or there was more methanol than weighed. Let a jar of it stand: fuel floats up."
      : `More: fuel went with the ${name}. Let it stand, and take the fuel back off.`;
  if (ratio < 0.8)
    return phase === "glycerol"
      ? "Less: it has not gone far, or not settled. Test the solubility before you wash; let it stand longer and drain again."
      : `Less: some ${name} is still in it. Let it stand longer.`;
  return "About what it should be.";
}
