"use client";
import { useSearchParams } from "next/navigation";
import { useYard } from "@/store";
import { DriverBench } from "./driver/DriverBench";
import { NoVehicle } from "./NoVehicle";

/** The vehicle's bench: its tanks, its loop, its trips. */
export function DriveScreen() {
  const { view } = useYard();
  const asked = useSearchParams().get("vehicle");
  const due = view.advice.find((a) => a.station === "drive" && "vehicle" in a);
  const wanted = asked ?? (due && "vehicle" in due ? due.vehicle : undefined);
  const chosen =
    view.vehicles.find((s) => s.vehicle.id === wanted) ??
    view.vehicles.find((s) => s.vehicle.kind === "dual") ??
    view.vehicles[0];
  return chosen ? <DriverBench key={chosen.vehicle.id} state={chosen} /> : <NoVehicle title="Drive" />;
}
