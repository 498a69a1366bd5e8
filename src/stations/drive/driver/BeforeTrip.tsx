"use client";
import { useState } from "react";
import { nextMove } from "@/core/driving";
import { remembered } from "@/core/driving/rig";
import type { VehicleState } from "@/core/ledger";
import { formatMinutes } from "@/core/units";
import { NumberField, useAmount, useUnits } from "@/desk";
import { Button, Choice } from "@/ui";
import { TripForm } from "./TripForm";
import type { TripNow } from "./useTrip";

interface Props {
  readonly ride: TripNow;
  readonly state: VehicleState;
  readonly outside: number;
  readonly onOutside: (celsius: number) => void;
  readonly markShare: number;
}

const SPEEDS = ["1", "10", "60"] as const;

/** Before the engine turns: how it will go this morning, and the one button; or a trip that is over, from memory. */
export function BeforeTrip({ ride, state, outside, onOutside, markShare }: Props) {
  const units = useUnits();
  const out = useAmount(units.temperature, outside);
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]>("1");
  const { now } = ride;
  const toGate = now.minutesToGate;
  const isDual = state.vehicle.kind === "dual";
  const move = nextMove(now);
  return (
    <>
      <div className="my-2 rounded-md border border-rule bg-card px-3 py-2">
        <NumberField
          label="Outside"
          of={{
            ...out,
            set: (text) => {
              out.set(text);
              const read = units.temperature.parse(text);
              if (read.ok) onOutside(read.value);
            },
          }}
        />
        {isDual ? (
          <p className="mt-1 text-[15px]">
            {toGate === null
              ? "Oil does not get thin and hot enough at the pump, as it is rigged and as warm as the engine gets."
              : toGate === 0
                ? "The oil is thin enough as it is."
                : `This morning the gate is about ${formatMinutes(Math.ceil(toGate))} away.`}{" "}
            <span className="text-ink-2">
              {now.warming.tau
                ? `By ${now.warming.tau.readings} looks at this engine's gauge.`
                : "By a usual engine, until yours was looked at on trips."}
            </span>
          </p>
        ) : null}
        <Button
          look="go"
          wide
          className="mt-2 min-h-[64px]! text-[22px]!"
          disabled={out.value === null || move.code !== "start"}
          onClick={() => ride.begin(out.value ?? outside, Number(speed))}
        >
          Engine started
        </Button>
        <details>
          <summary className="min-h-[var(--target)] cursor-pointer content-center text-ink-2">
            To practise: faster
          </summary>
          <Choice
            label="Minutes of the trip to a minute"
            options={SPEEDS.map((s) => ({ value: s, name: `×${s}` }))}
            value={speed}
            onChange={(s) => setSpeed(s as (typeof SPEEDS)[number])}
          />
        </details>
      </div>
      <h3 className="mt-3 mb-1 text-[17px]">Or one that is over, from memory</h3>
      <TripForm
        state={state}
        plumbed={ride.plumbed}
        eventsOf={(minutes) => remembered(ride.plumbed, minutes)}
        markShare={markShare}
        outsideCelsius={null}
        given={null}
        onLogged={() => undefined}
      />
    </>
  );
}
