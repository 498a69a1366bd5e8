"use client";
import { useState } from "react";
import { fuelLitresIn, soapPpmIn, wash } from "@/core/kettle";
import type { VesselView } from "@/core/readings";
import { ownPartition } from "@/core/readings/kettle/past";
import { potIn } from "@/core/readings/kettle/pots";
import { formatNumber } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Row, SelectField } from "@/ui";
import { EmulsionHelp } from "../EmulsionHelp";
import { BigNumber, StageCard } from "../StageCard";
import { holdsEster } from "../useBatch";
import { LetWaterOut } from "../wash/LetWaterOut";
import { OneWash } from "../wash/OneWash";
import type { StageProps } from "./props";

/** Water in, water out, until it is clear: how much soap each takes, and how many more it needs. */
export function WashStage(props: StageProps) {
  const { batch, stage, kettle, vessel } = props;
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const [at, setAt] = useState<string | null>(null);
  const places = view.vessels.filter((v) => v.station === "kettle" && holdsEster(v));
  const here = places.find((v) => v.vessel.id === at) ?? (holdsEster(vessel) ? vessel : (places[0] ?? vessel));
  const pot = potIn(here);
  const fuelLitres = fuelLitresIn(pot);
  const wet = waterIn(here);
  const read = batch.tests.findLast((t) => t.test === "soap");
  const isFresh = read !== undefined && read.afterWashes === batch.washes.length;
  const ppm = isFresh ? read.value : soapPpmIn(pot);
  const k = ownPartition(view.batches);
  const { how, waterShare } = batch.batch.recipe.wash;
  const more =
    how === "dry"
      ? null
      : wash(ppm, 1, waterShare, k ?? view.settings.phases.soapPartition, view.settings.fuelTests.soapPpm);
  const tanks = view.vessels.filter((v) => v.vessel.role === "wash" && v.litres < 0.5);
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={<BigNumber value={`${batch.washes.length} of ${batch.batch.recipe.wash.times}`} name="washes" />}
      notYet={
        wet > 0.02 * here.litres && how !== "dry"
          ? "Let the water out first."
          : batch.washes.length === 0
            ? "Not washed yet. A dry wash counts as one."
            : undefined
      }
    >
      <dl>
        <Row name={isFresh ? "Soap, titrated" : "Soap, by the book"} value={`${formatNumber(ppm, 0)} ppm`} />
        {more ? (
          <>
            <Row name="After one more wash" value={`about ${formatNumber(more.soapPpm, 0)} ppm`} />
            <Row
              name={`To ${formatNumber(view.settings.fuelTests.soapPpm, 0)} ppm`}
              value={more.washesToLimit === null ? "never, without water" : `${more.washesToLimit} more`}
            />
          </>
        ) : null}
      </dl>
      <p className="text-[14px] text-ink-2">
        {k === null
          ? "Forecast with a typical liking of soap for water; titrate soap before and after a wash, and it goes by yours."
          : "By your own soap titrations."}{" "}
        The water's look and pH have the last word: clear, and as the tap's.
      </p>
      {places.length > 1 ? (
        <SelectField
          label="Washed in"
          value={here.vessel.id}
          options={places.map((v) => ({ value: v.vessel.id, name: v.vessel.name }))}
          onChange={setAt}
        />
      ) : null}
      {here.vessel.id === kettle.vessel.id && batch.washes.length === 0 && tanks[0] ? (
        <Button
          className="mt-2"
          onClick={() => log.open("pour", { from: kettle.vessel.id, to: tanks[0]?.vessel.id ?? "" })}
        >
          Pour it into {tanks[0].vessel.name} first
        </Button>
      ) : null}
      <p className="mt-2 text-[15px]">
        <b>A bottle first:</b> half fuel, half water, shaken hard. Parts within minutes, water clear below: wash it.
        Mayonnaise: soap, or unfinished; do not wash all of it.
      </p>
      {wet > 0.02 * here.litres ? (
        <LetWaterOut key={`out ${batch.washes.length} ${here.changedAt}`} batch={batch} vessel={here} />
      ) : (
        <OneWash key={`in ${batch.washes.length}`} batch={batch} vessel={here} fuelLitres={fuelLitres} />
      )}
      <EmulsionHelp batch={batch} stage={stage} />
      <p className="mt-1 text-[13px] text-ink-2">
        {units.litres(fuelLitres)} of fuel are in {here.vessel.name}.
      </p>
    </StageCard>
  );
}

const waterIn = (v: VesselView): number =>
  v.components.reduce((sum, c) => (c.component === "water" ? sum + c.litres : sum), 0);
