"use client";
import { useState } from "react";
import { dryingKWh, kgIn, kgOfPot } from "@/core/kettle";
import type { Draft } from "@/core/ledger";
import { goneIn, potIn, waterPpmIn } from "@/core/readings/kettle/pots";
import { formatMinutes, formatNumber, parsePlain } from "@/core/units";
import { NumberField, useAmount, useNumber, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Choice, Row } from "@/ui";
import { BigNumber, StageCard } from "../StageCard";
import type { StageProps } from "./props";

/** Of what a heater draws, what gets into the fuel. */
const EFFICIENCY = 0.8;
const HEATED_CELSIUS = 100;
const AIRED_CELSIUS = 55;

/** Dried to bright: with how much energy and time, and what leaves it. Bright is dry, not converted. */
export function PolishStage({ batch, stage, vessel }: StageProps) {
  const { view } = useYard();
  const units = useUnits();
  const [how, setHow] = useState("heat");
  const pot = potIn(vessel);
  const mark = view.settings.fuelTests.waterPpm;
  const gone = goneIn(pot, mark);
  const waterKg = gone.reduce((sum, g) => (g.component === "water" ? sum + g.kg : sum), 0);
  const target = how === "heat" ? HEATED_CELSIUS : how === "air" ? AIRED_CELSIUS : view.settings.shedCelsius;
  const from = view.settings.shedCelsius;
  const kwh = how === "wait" ? 0 : dryingKWh(kgOfPot(pot), from, target, waterKg, EFFICIENCY);
  const kw = vessel.vessel.heaterKw ?? view.settings.heaterKw;
  const used = useNumber("", parsePlain);
  const celsius = useAmount(units.temperature, null);
  const isDried = batch.dried.waterKg > 0 || gone.length === 0;
  const drafts: Draft[] = isDried
    ? []
    : [
        {
          kind: "dry",
          data: {
            vessel: vessel.vessel.id,
            batch: batch.batch.id,
            gone: gone.map((g) => ({ ...g })),
            kwh: used.value ?? Math.round(kwh * 10) / 10,
            hours: kw > 0 ? Math.round(((used.value ?? kwh) / kw) * 10) / 10 : 0,
            ...(celsius.value !== null && { celsius: celsius.value }),
          },
        },
      ];
  return (
    <StageCard
      batch={batch}
      stage={stage}
      number={
        <BigNumber
          value={`${formatNumber(kwh, 1)} kWh`}
          name={how === "wait" ? "days to weeks" : formatMinutes((kwh / kw) * 60)}
        />
      }
      also={drafts}
      isComplete={() => {
        if (celsius.value !== null && (celsius.value < -20 || celsius.value > 150))
          celsius.refuse(`Between ${units.celsius(-20)} and ${units.celsius(150)}.`);
        else if (used.value !== null && (used.value < 0 || used.value > 1000)) used.refuse("Between 0 and 1000 kWh.");
        else return true;
        return false;
      }}
    >
      <Choice
        label="How"
        options={[
          { value: "heat", name: "Heat", detail: `to ${units.celsius(HEATED_CELSIUS)}, lid ajar, vent outdoors` },
          { value: "air", name: "Warm and air", detail: `${units.celsius(AIRED_CELSIUS)}, circulated or bubbled` },
          { value: "wait", name: "Let it stand", detail: "dry air, wide and shallow" },
        ]}
        value={how}
        onChange={setHow}
      />
      <dl className="mt-1">
        <Row name="Water in it, by the book" value={`${formatNumber(waterPpmIn(pot), 0)} ppm`} />
        <Row name="Leaves it" value={`${units.kg(waterKg)} water, ${units.kg(kgIn(pot, "methanol"))} methanol`} />
        <Row name="At your price" value={units.money(kwh * view.settings.energyPricePerKwh)} />
      </dl>
      {isDried ? null : (
        <div className="mt-2 grid grid-cols-2 gap-2">
          <NumberField label="Energy it took, where you know" of={used} suffix="kWh" />
          <NumberField label="Dried at" of={celsius} />
        </div>
      )}
      {how === "wait" ? null : (
        <Why
          name="drying"
          input={{
            oilLitres: Math.max(0.001, vessel.litres),
            fluid: "biodiesel",
            fromCelsius: from,
            toCelsius: target,
            waterKg,
            efficiency: EFFICIENCY,
          }}
          readings="the book's water"
        />
      )}
    </StageCard>
  );
}
