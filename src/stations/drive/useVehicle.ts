"use client";
import { useSearchParams } from "next/navigation";
import type { VehicleState } from "@/core/ledger";
import { useYard } from "@/store";

/** The vehicle that the address names, else the one with two tanks, else any. */
export function useVehicle(): VehicleState | undefined {
  const { view } = useYard();
  const asked = useSearchParams().get("vehicle");
  return (
    view.vehicles.find((s) => s.vehicle.id === asked) ??
    view.vehicles.find((s) => s.vehicle.kind === "dual") ??
    view.vehicles[0]
  );
}
