"use client";
import { dryingKWh, kgOfPot } from "@/core/kettle";
import { potIn, waterPpmIn } from "@/core/readings/kettle/pots";
import { formatMinutes, formatNumber } from "@/core/units";
import { useLog, useUnits } from "@/desk";
import { useYard } from "@/store";
import { Button, Row } from "@/ui";
import { shortDay } from "@/ui/words";
import { BigNumber, StageCard } from "../StageCard";
import type { StageProps } from "./props";

/** Of what a heater draws, what gets into the oil. */
const EFFICIENCY = 0.8;

/** Dry, or warm: how hot, with how much energy, and whether a test has said that it is dry. */
export function WarmStage({ batch, stage, kettle }: StageProps) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { recipe } = batch.batch;
  const pot = potIn(kettle);
  const target = stage === "dry" ? DRY_CELSIUS : recipe.holdCelsius;
  // From as warm as it was last read, or from the shed.
  const from = Math.min(target, batch.readings.at(-1)?.celsius ?? view.settings.shedCelsius);
  const kwh = dryingKWh(kgOfPot(pot), from, target, 0, EFFICIENCY);
  const kw = kettle.vessel.heaterKw ?? view.settings.heaterKw;
  const { water } = kettle.quality;
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={
        stage === "dry" ? (
          <BigNumber
            value={water === null ? "Not tested" : water.wet ? "Wet" : "Dry"}
            name={water === null ? "" : shortDay(water.at)}
            warn={water === null || water.wet}
          />
        ) : (
          <BigNumber value={units.celsius(target)} name="in the kettle" />
        )
      }
    >
      <dl>
        {stage === "dry" ? <Row name="Water by the book" value={`${formatNumber(waterPpmIn(pot), 0)} ppm`} /> : null}
        <Row
          name={`To ${units.celsius(target)}`}
          value={`${formatNumber(kwh, 1)} kWh, ${formatMinutes((kwh / kw) * 60)}`}
        />
      </dl>
      {stage === "dry" ? (
        <Button className="mt-1" onClick={() => log.open("water-test", { vessel: kettle.vessel.id })}>
          Test for water
        </Button>
      ) : null}
    </StageCard>
  );
}

/** Warm enough that water sinks or leaves, and no foam yet. */
const DRY_CELSIUS = 60;
