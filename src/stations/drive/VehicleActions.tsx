"use client";
import type { Vehicle } from "@/core/ledger";
import { LoggedOf, useLog } from "@/desk";
import { Button } from "@/ui";

/** What is true of any vehicle: it can be changed, given up, added to, and looked back on. */
export function VehicleActions({ vehicle }: { vehicle: Vehicle }) {
  const log = useLog();
  return (
    <>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => log.open("change-vehicle", { vehicle: vehicle.id })}>Change it</Button>
        <Button onClick={() => log.open("retire", { thing: `vehicle ${vehicle.id}` })}>Retire it</Button>
        <Button onClick={() => log.open("add-vehicle")}>Add a vehicle</Button>
      </div>
      <LoggedOf id={vehicle.id} name={vehicle.name} />
    </>
  );
}
