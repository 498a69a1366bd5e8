"use client";
import { useSearchParams } from "next/navigation";
import { useLog, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button } from "@/ui";
import { DriverBench } from "./driver/DriverBench";

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
  return <DriverBench key={chosen.vehicle.id} state={chosen} tabs={tabs} />;
}
