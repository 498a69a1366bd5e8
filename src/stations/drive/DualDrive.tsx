"use client";
import { type ReactNode, useState } from "react";
import { arrangementOf, minutesToResidual, purgeLineOf } from "@/core/driving";
import type { Vehicle, VehicleState } from "@/core/ledger";
import { formatMinutes } from "@/core/units";
import { useLog, useUnits, Why } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { counted } from "@/ui/words";
import { ColdStand } from "./ColdStand";
import { LoopDrawing, type Phase, RETURN_WORDS } from "./LoopDrawing";
import { TripForm } from "./TripForm";
import { type Ride, type RideStep, rideMinutes, stepOf, useRide } from "./useRide";
import { useVehicleCold } from "./useVehicleCold";
import { VehicleActions } from "./VehicleActions";

interface Props {
  readonly state: VehicleState;
  readonly vehicle: Extract<Vehicle, { kind: "dual" }>;
  readonly tabs: ReactNode;
}

const TYPICAL = { startOnDiesel: 10, onOil: 45 };
/** Where a tank is empty nothing says how far to purge: then as far as it goes. */
const LEAST_RESIDUAL = 0.02;

/** What to press next on the road, and what the valves do. */
const NEXT: Record<Exclude<RideStep, "done">, { label: string; words: string }> = {
  idle: { label: "Start on diesel", words: "Valves on diesel. Warm the engine first." },
  diesel: {
    label: "Switched to oil",
    words: "Switch when the oil is hot: supply first, then the return.",
  },
  oil: { label: "Start purge", words: "Purge before you stop: supply to diesel, and let it come round." },
  purge: { label: "Stop", words: "Wait for the purge, then stop. Leave the valves on diesel." },
};

export function DualDrive({ state, vehicle, tabs }: Props) {
  const { view, now, name } = useYard();
  const units = useUnits();
  const log = useLog();
  const { ride, set } = useRide(`brisk-barrel-ride ${name} ${vehicle.id}`);
  const [turn, setTurn] = useState(0);
  // As long as it takes, by the same sum as the advice beside it.
  const cold = useVehicleCold(state);
  const mostOldShare = cold.mark?.share ?? LEAST_RESIDUAL;
  const usual = { ...TYPICAL, purge: Math.ceil(minutesToResidual(purgeLineOf(vehicle), mostOldShare)) };
  const step = stepOf(ride);
  const diesel = view.vessels.find((v) => v.vessel.id === vehicle.dieselTank);
  const oil = view.vessels.find((v) => v.vessel.id === vehicle.oilTank);
  const phase: Phase = step === "oil" ? "oil" : step === "purge" ? "purge" : "diesel";

  const press = (): void => {
    const at = now();
    const next: Record<RideStep, () => Ride> = {
      idle: () => ({ startedAt: at }),
      diesel: () => ({ ...(ride as Ride), switchedAt: at }),
      oil: () => ({ ...(ride as Ride), purgedAt: at }),
      purge: () => ({ ...(ride as Ride), stoppedAt: at }),
      done: () => ride as Ride,
    };
    set(next[step]());
  };

  return (
    <Bench
      title={`${vehicle.name}${step === "idle" || step === "done" ? "" : `: ${step === "oil" ? "running on oil" : step === "purge" ? "purging" : "warming on diesel"}`}`}
      subtitle={`${counted(state.trips, "trip")}, ${units.km(state.km)}. On oil the return ${RETURN_WORDS[arrangementOf(vehicle.returnTo).returnsTo]}.`}
      asideLabel="Trip"
      aside={
        <>
          <h2 className="text-xl">Trip</h2>
          {step === "done" ? null : (
            <div className="my-2 rounded-md border border-rule bg-card px-3 py-2">
              <p className="text-[14px]">
                {NEXT[step].words}
                {step === "diesel" ? ` Hot is about ${units.celsius(70)} at the least.` : ""}
              </p>
              {ride ? (
                <p className="text-[14px] text-ink-2" role="status">
                  {Object.entries(rideMinutes(ride, view.at))
                    .filter(([, m]) => m > 0)
                    .map(
                      ([k, m]) => `${k === "onOil" ? "oil" : k === "purge" ? "purge" : "diesel"} ${formatMinutes(m)}`,
                    )
                    .join(", ")}
                </p>
              ) : null}
              <Button look={step === "purge" ? "stop" : "go"} wide className="mt-2" onClick={press}>
                {NEXT[step].label}
              </Button>
              {ride ? (
                <Button look="quiet" onClick={() => set(null)}>
                  Forget this trip
                </Button>
              ) : null}
            </div>
          )}
          {step === "idle" || step === "done" ? (
            <>
              <h3 className="mt-3 mb-1 text-[17px]">
                {step === "done" ? "As it was timed" : "Or log one that is over"}
              </h3>
              <TripForm
                key={`${turn} ${ride?.stoppedAt ?? ""}`}
                vehicle={vehicle}
                mostOldShare={mostOldShare}
                minutes={ride?.stoppedAt ? rideMinutes(ride, ride.stoppedAt) : usual}
                onLogged={() => {
                  set(null);
                  setTurn(turn + 1);
                }}
              />
            </>
          ) : null}
          <ColdStand cold={cold} vehicle={vehicle} purgeMinutes={usual.purge} />
          <Why
            name="purge"
            input={{ ...purgeLineOf(vehicle), minutes: usual.purge, cleanShare: mostOldShare }}
            readings={`no purge of your own timed: ${vehicle.tanksInSeries === arrangementOf(vehicle.returnTo).usualTanksInSeries ? arrangementOf(vehicle.returnTo).mixesAs : `${vehicle.tanksInSeries} stirred tanks in a row`}.`}
          />
        </>
      }
    >
      {tabs}
      {diesel && oil ? <LoopDrawing vehicle={vehicle} diesel={diesel} oil={oil} phase={phase} /> : null}
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="go" onClick={() => log.open("fill", { to: vehicle.oilTank })}>
          Fill with oil
        </Button>
        <Button onClick={() => log.open("fill", { to: vehicle.dieselTank, fromRole: "thinner" })}>
          Fill with diesel
        </Button>
        <p className="self-center text-[14px] text-ink-2">
          Room for {units.litres((oil?.capacityLitres ?? 0) - (oil?.litres ?? 0))} oil and{" "}
          {units.litres((diesel?.capacityLitres ?? 0) - (diesel?.litres ?? 0))} diesel.
        </p>
      </div>
      <VehicleActions vehicle={vehicle} />
    </Bench>
  );
}
