"use client";
import { useSearchParams } from "next/navigation";
import type { VehicleState } from "@/core/ledger";
import { formatNumber } from "@/core/units";
import { useLog, useUnits, VesselColumn, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Row } from "@/ui";
import { ColdStand } from "./ColdStand";
import { DualDrive } from "./DualDrive";
import { useVehicleCold } from "./useVehicleCold";
import { VehicleActions } from "./VehicleActions";

/** The vehicle's bench: its tanks, its loop, its trips. */
export function DriveScreen() {
  const { view } = useYard();
  const log = useLog();
  const asked = useSearchParams().get("vehicle");
  const due = view.advice.find((a) => a.station === "drive" && "vehicle" in a);
  const wanted = asked ?? (due && "vehicle" in due ? due.vehicle : undefined);
  const chosen =
    view.vehicles.find((s) => s.vehicle.id === wanted) ??
    view.vehicles.find((s) => s.vehicle.kind === "dual") ??
    view.vehicles[0];
  if (!chosen)
    return (
      <Bench title="Drive" subtitle="No vehicle yet." asideLabel="What is missing" aside={null}>
        <div className="mt-4 flex gap-2">
          <Button look="go" onClick={() => log.open("add-vehicle")}>
            Add a vehicle
          </Button>
        </div>
      </Bench>
    );
  const tabs = (
    <nav aria-label="Vehicles" className="my-2 flex gap-2">
      {view.vehicles.map((s) => (
        <YardLink
          key={s.vehicle.id}
          href={`/drive?vehicle=${s.vehicle.id}`}
          here={s.vehicle.id === chosen.vehicle.id}
          className={`flex min-h-[var(--target)] items-center rounded-md border px-3 font-plate text-[16px] font-semibold ${s.vehicle.id === chosen.vehicle.id ? "border-go bg-card shadow-[inset_0_-3px_0_var(--go)]" : "border-rule"}`}
        >
          {s.vehicle.name}
        </YardLink>
      ))}
    </nav>
  );
  return chosen.vehicle.kind === "dual" ? (
    <DualDrive key={chosen.vehicle.id} state={chosen} vehicle={chosen.vehicle} tabs={tabs} />
  ) : (
    <SingleDrive state={chosen} tabs={tabs} />
  );
}

function SingleDrive({ state, tabs }: { state: VehicleState; tabs: React.ReactNode }) {
  const { view } = useYard();
  const units = useUnits();
  const log = useLog();
  const { vehicle } = state;
  const cold = useVehicleCold(state);
  const tank = vehicle.kind === "single" ? view.vessels.find((v) => v.vessel.id === vehicle.tank) : undefined;
  return (
    <Bench
      title={vehicle.name}
      subtitle="One tank. What is in it must be thin enough on the coldest start."
      asideLabel="What to do"
      aside={
        <>
          <dl>
            <Row name="Runs" value={formatNumber(state.trips, 0)} />
            {state.km > 0 ? <Row name="Driven" value={units.km(state.km)} /> : null}
            <Row name="Burns" value={units.litresPerHour(vehicle.burnLitresPerHour)} />
            <Row name="In the tank" value={units.litres(tank?.litres ?? 0)} />
          </dl>
          <ColdStand cold={cold} vehicle={vehicle} purgeMinutes={null} />
          <div className="mt-2 flex flex-col gap-2">
            <Button look="go" onClick={() => log.open("hours", { vehicle: vehicle.id })}>
              Log engine hours
            </Button>
            <YardLink
              href={`/blend?vessel=${tank?.vessel.id ?? ""}`}
              className="flex min-h-[var(--target)] items-center justify-center rounded-md border border-quiet bg-card font-plate text-[17px] font-semibold"
            >
              Plan a top-up
            </YardLink>
          </div>
        </>
      }
    >
      {tabs}
      <VehicleActions vehicle={vehicle} />
      <ul className="mt-4 flex">{tank ? <VesselColumn vessel={tank} pxPerMm={0.6} /> : null}</ul>
    </Bench>
  );
}
