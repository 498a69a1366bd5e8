"use client";
import { useSearchParams } from "next/navigation";
import { lazy, Suspense } from "react";
import { useYard } from "@/store";
import { Bench } from "@/ui";
import { NoVehicle } from "./NoVehicle";

// The loop's arithmetic and its layout come after the page is drawn.
const DriverBench = lazy(() => import("./driver/DriverBench").then((m) => ({ default: m.DriverBench })));

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
  if (!chosen) return <NoVehicle title="Drive" />;
  return (
    <Suspense
      fallback={
        <Bench title={chosen.vehicle.name} subtitle="" asideLabel="Switch coach" aside={null}>
          {null}
        </Bench>
      }
    >
      <DriverBench key={chosen.vehicle.id} state={chosen} />
    </Suspense>
  );
}
